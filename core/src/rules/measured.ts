import { compare, marginWithin, toInterval, type Interval } from '../quantities/index.ts'
import { checkOf, type CheckId } from '../checks/index.ts'
import { openCheck, since } from './looks.ts'
import { outcomeOf, type FittedSubject, type Outcome, type RuleSource } from './rule.ts'
import { sayer } from './say.ts'
import { worstOf } from './several.ts'
import type shared from './shared.en.ts'

const say = sayer<typeof shared>()

interface MeasuredCheck {
  readonly id: CheckId
  readonly wording: 'at-least' | 'at-most'
  readonly limit: number
  readonly source?: RuleSource
}

/** What a measured check says against one limit: the rule's own message `measured` (`measuredSentence`). */
export function measuredOutcome(subject: FittedSubject, m: MeasuredCheck, more?: object): Outcome {
  const check = checkOf(m.id)
  if (check.kind !== 'number') throw new Error(`Check ${m.id} is not a number`)
  const x = readNumber(subject, m.id)
  if (x.kind === 'undecided')
    return { ...x.outcome, limit: m.limit, wording: m.wording, unit: check.unit, source: m.source }
  const kind = compare(x.value, m.wording, m.limit)
  return outcomeOf(kind, [`check.${m.id}`], {
    check: m.id,
    measured: x.value,
    limit: m.limit,
    wording: m.wording,
    unit: check.unit,
    margin: m.wording === 'at-least' ? marginWithin(x.value, m.limit) : marginWithin(x.value, undefined, m.limit),
    source: m.source,
    says: {
      message: 'measured',
      data: { kind, check: m.id, value: x.value, wording: m.wording, limit: m.limit, ...more },
    },
  })
}

interface WindowCheck {
  readonly id: CheckId
  /** The ends that are stated: one of them at least. */
  readonly from?: number | undefined
  readonly to?: number | undefined
  readonly source?: RuleSource
}

/** What a measured check says against a window: the end that decides speaks (`measured`), and both are told. */
export function windowOutcome(subject: FittedSubject, { id, from, to, source }: WindowCheck, more?: object): Outcome {
  const range = { from, to }
  const end = (wording: 'at-least' | 'at-most', limit: number | undefined): readonly Outcome[] =>
    limit === undefined
      ? []
      : [measuredOutcome(subject, { id, wording, limit, ...(source && { source }) }, { ...more, range })]
  return { ...worstOf([...end('at-most', to), ...end('at-least', from)]), range }
}

type NumberLook =
  { readonly kind: 'known'; readonly value: Interval } | { readonly kind: 'undecided'; readonly outcome: Outcome }

export function readNumber(subject: FittedSubject, id: CheckId): NumberLook {
  const { reading, staleBecause } = subject.look(id)
  const value = toInterval(reading?.number)
  if (value === undefined) return { kind: 'undecided', outcome: openCheck(id, say('not-measured', { check: id })) }
  if (staleBecause !== undefined) {
    const says = say('measured-before', { check: id, since: since(subject, staleBecause) })
    return { kind: 'undecided', outcome: openCheck(id, says) }
  }
  return { kind: 'known', value }
}
