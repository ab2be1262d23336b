import { compare, marginWithin, middle, toInterval, within, type Decision, type Interval } from '../quantities/index.ts'
import { checkOf, optionOf, type CheckId } from '../checks/index.ts'
import { type Change } from '../readings/index.ts'
import type shared from './outcomes.en.ts'
import {
  defineRule,
  type FittedSubject,
  type ModeSubject,
  type Need,
  type Outcome,
  type Rule,
  type RuleSource,
  type RuleStage,
  type Severity,
  outcomeOf,
  missingIn,
} from './rule.ts'
import { sayer, type Said } from './say.ts'

/** The few shapes that most rules take: a range, a table of facts, an observation, a measured check. */

const say = sayer<typeof shared>()

interface RangeQuestion {
  readonly unit: string
  readonly measured: Interval | undefined
  readonly from?: number | undefined
  readonly to?: number | undefined
  readonly need: Need
  readonly source?: RuleSource
}

/**
 * Both ends belong to the range: "9–18 kg" takes 9.0 and 18.0. Says the rule's
 * own message `range` (`rangeSentence`), with `more` beside the figures.
 */
export function rangeOutcome(q: RangeQuestion, more?: object): Outcome {
  const { measured, from, to, unit } = q
  const kind = measured === undefined ? 'undecided' : within(measured, from, to)
  const says: Said = { message: 'range', data: { kind, unit, measured, from, to, ...more } }
  if (measured === undefined) return { kind, missing: [q.need], says, source: q.source }
  const isBelow = from !== undefined && middle(measured) < from
  return outcomeOf(kind, [q.need], {
    measured,
    unit,
    limit: isBelow || to === undefined ? from : to,
    margin: marginWithin(measured, from, to),
    source: q.source,
    says,
  })
}

/** How a rule judges one fact or option: a decision and what it says. */
export interface Judged {
  readonly kind: Decision
  readonly says: Said
}

/** A yes, a no, or an unlooked-at fact of the place; of that last a message of the rule's own speaks (`notKnown`). */
export function factOutcome<T>(
  fact: T | undefined,
  need: Need,
  judge: (fact: T) => Judged,
  notKnown = 'not-known',
): Outcome {
  if (fact === undefined) return { kind: 'undecided', missing: [need], says: { message: notKnown, data: undefined } }
  const { kind, says } = judge(fact)
  return outcomeOf(kind, [need], { says })
}

const open = (check: CheckId, says: Said): Outcome => ({
  kind: 'undecided',
  check,
  missing: [`check.${check}`],
  says: says,
})
const since = ({ settings, mode }: FittedSubject, change: Change) => ({ change, settings, mode })

/** What a check with options says; a stale or missing reading is undecided. */
export function lookOutcome(subject: FittedSubject, id: CheckId, byRule?: (option: string) => Judged): Outcome {
  const check = checkOf(id)
  const { reading, staleBecause } = subject.look(id)
  if (reading?.option === undefined) return open(id, say('not-checked', { check: id }))
  if (staleBecause !== undefined)
    return open(id, say('checked-before', { check: id, since: since(subject, staleBecause) }))
  const option = optionOf(id, reading.option)
  if (option === undefined || check.kind !== 'options') throw new Error(`Check ${id} has no option "${reading.option}"`)
  if (option.means === 'by-rule') {
    if (byRule === undefined) throw new Error(`Check ${id} leaves "${option.id}" to a rule that does not judge it`)
    const { kind, says } = byRule(option.id)
    return outcomeOf(kind, [`check.${id}`], { check: id, says })
  }
  if (option.means === 'pass' && check.notesBefore && reading.before === reading.option)
    return open(id, say('was-so-before', { check: id, option: option.id }))
  const kind = option.means
  return outcomeOf(kind, [`check.${id}`], { check: id, says: say('seen', { check: id, option: option.id, kind }) })
}

/**
 * A figure that nobody has stated, where a look at the car settles the matter:
 * until then it is open, and says so, without holding up the choice of a place.
 * The look itself is asked by a rule of its own, and that one blocks. Says the
 * rule's own message `until-seen` (`untilSeenSentence`).
 */
export function untilSeen({ look }: ModeSubject, need: Need, check: CheckId): Outcome {
  const { reading, staleBecause } = look?.(check) ?? {}
  const isSeen =
    reading !== undefined &&
    staleBecause === undefined &&
    (reading.number !== undefined || reading.option !== undefined)
  const says: Said = { message: 'until-seen', data: { check, isSeen } }
  return isSeen
    ? { kind: 'pass', source: 'practice', severity: 'advise', says }
    : { kind: 'undecided', severity: 'advise', settledBy: check, missing: [need], says }
}

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
  if (value === undefined) return { kind: 'undecided', outcome: open(id, say('not-measured', { check: id })) }
  if (staleBecause !== undefined) {
    const says = say('measured-before', { check: id, since: since(subject, staleBecause) })
    return { kind: 'undecided', outcome: open(id, says) }
  }
  return { kind: 'known', value }
}

/** Worst first: one failure decides, then the first doubt; a pass says what all of them said. */
export function allOf(outcomes: readonly Outcome[]): Outcome {
  const worst = outcomes.find((o) => o.kind === 'fail') ?? outcomes.find((o) => o.kind === 'undecided')
  if (worst?.kind === 'undecided') return { ...worst, missing: [...new Set(outcomes.flatMap(missingIn))] }
  if (worst) return worst
  const first = outcomes[0]
  if (!first) throw new Error('A rule that asks for no check cannot pass')
  if (outcomes.length === 1) return first
  return { ...first, says: say('all', { said: outcomes.map((o) => o.says) }) }
}

/** The worst of several outcomes, as it stands: a failure, then a doubt, then a pass. */
export function worstOf(outcomes: readonly Outcome[]): Outcome {
  const worst = outcomes.find((o) => o.kind === 'fail') ?? outcomes.find((o) => o.kind === 'undecided') ?? outcomes[0]
  if (!worst) throw new Error('Nothing was asked')
  return worst
}

interface ObservedRule {
  readonly id: string
  readonly stage: RuleStage
  readonly severity?: Severity
  readonly source: RuleSource
  readonly checks: readonly CheckId[]
  readonly applies: (s: FittedSubject) => boolean
  /** Judges the options that leave it to the rule. */
  readonly byRule?: (s: FittedSubject, option: string) => Judged
}

/** A rule that is nothing but: these checks must all be seen good. */
export function observedRule({ byRule, ...o }: ObservedRule): Rule<'fitted'> {
  return defineRule({
    ...o,
    scope: 'fitted',
    severity: o.severity ?? 'fix',
    evaluate: (s) => allOf(o.checks.map((id) => lookOutcome(s, id, byRule && ((option) => byRule(s, option))))),
  })
}
