import {
  compare,
  formatInterval,
  formatNumber,
  formatRange,
  marginWithin,
  middle,
  toInterval,
  unreachable,
  within,
  type Decision,
  type Interval,
} from '../quantities/index.ts'
import { changeSentence, checkOf, optionOf, type CheckId } from '../readings/index.ts'
import type { FittedSubject, Need, Outcome, Rule, RuleSource, RuleStage, Severity } from './rule.ts'
import { defineRule } from './rule.ts'

/** The few shapes that most rules take: a range, a table of facts, an observation, a measured check. */

interface RangeQuestion {
  readonly what: string
  readonly unit: string
  readonly measured: Interval | undefined
  readonly from?: number | undefined
  readonly to?: number | undefined
  readonly need: Need
  /** "the group's range", "the mode's range": who states it. */
  readonly stated: string
  readonly remedyBelow: string
  readonly remedyAbove: string
  readonly source?: RuleSource
}

/** Both ends belong to the range: "9–18 kg" takes 9.0 and 18.0. */
export function rangeOutcome(q: RangeQuestion): Outcome {
  const { measured, from, to, unit, what } = q
  // Sentences are made only when somebody reads them: matching a whole shelf reads few.
  const range = () => formatRange(unit, from, to)
  if (measured === undefined) {
    return {
      kind: 'undecided',
      missing: [q.need],
      reason: () => `${what} is not known; ${q.stated} is ${range()}.`,
      remedy: () => `Measure the ${what.toLowerCase()}.`,
      source: q.source,
    }
  }
  const kind = within(measured, from, to)
  const isBelow = from !== undefined && middle(measured) < from
  const limit = isBelow || to === undefined ? from : to
  return {
    kind,
    measured,
    unit,
    limit,
    margin: marginWithin(measured, from, to),
    missing: kind === 'undecided' ? [q.need] : undefined,
    source: q.source,
    reason: () => {
      const shown = formatInterval(measured, unit)
      switch (kind) {
        case 'pass':
          return `${shown} is within ${q.stated}, ${range()}.`
        case 'undecided':
          return `${shown} may be inside or outside ${q.stated}, ${range()}.`
        case 'fail':
          return isBelow
            ? `${shown} is ${formatNumber((from as number) - measured.hi, 2)} ${unit} short of ${q.stated}, ${range()}.`
            : `${shown} is ${formatNumber(measured.lo - (to as number), 2)} ${unit} over ${q.stated}, ${range()}.`
        default:
          return unreachable(kind)
      }
    },
    remedy: () =>
      kind === 'undecided'
        ? `Measure the ${what.toLowerCase()} more closely: ± ${formatNumber((measured.hi - measured.lo) / 2, 2)} ${unit} is too wide here.`
        : isBelow
          ? q.remedyBelow
          : q.remedyAbove,
  }
}

/** A yes, a no, or an unlooked-at fact of the place. */
export function factOutcome<T>(
  fact: T | undefined,
  need: Need,
  ask: string,
  judge: (fact: T) => { readonly kind: Decision; readonly reason: string; readonly remedy?: string },
): Outcome {
  if (fact === undefined) {
    return { kind: 'undecided', missing: [need], reason: () => `Not known: ${ask}.`, remedy: () => `Find out: ${ask}.` }
  }
  const { kind, reason, remedy } = judge(fact)
  return {
    kind,
    reason: () => reason,
    remedy: remedy === undefined ? undefined : () => remedy,
    missing: kind === 'undecided' ? [need] : undefined,
  }
}

function notLooked(id: CheckId, because: string, remedy: string): Outcome {
  return { kind: 'undecided', missing: [`check.${id}`], reason: () => because, remedy: () => remedy }
}

/** What a check with options says; a stale or missing reading is undecided. */
export function lookOutcome(
  subject: FittedSubject,
  id: CheckId,
  byRule?: (option: string) => { readonly kind: Decision; readonly reason: string; readonly remedy?: string },
): Outcome {
  const check = checkOf(id)
  const { reading, staleBecause } = subject.look(id)
  if (reading?.option === undefined) return notLooked(id, `${check.label}: not checked yet.`, check.how)
  if (staleBecause !== undefined) {
    return notLooked(
      id,
      `${check.label}: ${changeSentence(staleBecause, subject.settings, subject.mode)} after it was checked.`,
      `Check again. ${check.how}`,
    )
  }
  const option = optionOf(id, reading.option)
  if (option === undefined || check.kind !== 'options') throw new Error(`Check ${id} has no option "${reading.option}"`)
  if (option.means === 'by-rule') {
    if (byRule === undefined) throw new Error(`Check ${id} leaves "${option.id}" to a rule that does not judge it`)
    const judged = byRule(option.id)
    return { kind: judged.kind, reason: () => judged.reason, remedy: () => judged.remedy ?? check.remedy }
  }
  if (option.means === 'pass' && check.notesBefore && reading.before === reading.option) {
    return notLooked(
      id,
      `${check.label} ${option.label}, but it did so before latching too: it proves nothing.`,
      'Release, see it change, latch again, and look.',
    )
  }
  const kind = option.means
  return {
    kind,
    missing: kind === 'undecided' ? [`check.${id}`] : undefined,
    reason: () => `${check.label}: ${option.label}.`,
    remedy: () => (kind === 'undecided' ? check.how : check.remedy),
  }
}

interface UntilSeen {
  readonly need: Need
  /** The check at the car that settles it without the figure. */
  readonly check: CheckId
  /** "How long the belt is". */
  readonly what: string
  readonly remedy: string
}

/**
 * A figure that nobody has stated, where a look at the car settles the matter:
 * until then it is open, and says so, without holding up the choice of a place.
 * The look itself is asked by a rule of its own, and that one blocks.
 */
export function untilSeen(subject: object, { need, check, what, remedy }: UntilSeen): Outcome {
  const fitted = 'look' in subject ? (subject as FittedSubject) : undefined
  const { reading, staleBecause } = fitted?.look(check) ?? {}
  const isSeen =
    reading !== undefined && staleBecause === undefined && (reading.number !== undefined || reading.option !== undefined)
  const label = checkOf(check).label
  return isSeen
    ? { kind: 'pass', source: 'practice', severity: 'advise', reason: () => `${what} is not known; it was looked at in the car instead (${label.toLowerCase()}).` }
    : {
        kind: 'undecided',
        severity: 'advise',
        settledBy: check,
        missing: [need],
        reason: () => `${what} is not known; it is settled in the car (${label.toLowerCase()}).`,
        remedy: () => remedy,
      }
} // prettier-ignore

interface MeasuredCheck {
  readonly id: CheckId
  readonly wording: 'at-least' | 'at-most'
  readonly limit: number
  readonly stated: string
  readonly remedy: string
  readonly source?: RuleSource
}

/** What a measured check says against one limit. */
export function measuredOutcome(subject: FittedSubject, m: MeasuredCheck): Outcome {
  const check = checkOf(m.id)
  if (check.kind !== 'number') throw new Error(`Check ${m.id} is not a number`)
  const x = readNumber(subject, m.id)
  if (x.kind === 'undecided')
    return { ...x.outcome, limit: m.limit, wording: m.wording, unit: check.unit, source: m.source }
  const kind = compare(x.value, m.wording, m.limit)
  const word = m.wording === 'at-least' ? 'at least' : 'at most'
  const shown = () => formatInterval(x.value, check.unit)
  return {
    kind,
    measured: x.value,
    limit: m.limit,
    wording: m.wording,
    unit: check.unit,
    margin: m.wording === 'at-least' ? marginWithin(x.value, m.limit) : marginWithin(x.value, undefined, m.limit),
    missing: kind === 'undecided' ? [`check.${m.id}`] : undefined,
    source: m.source,
    reason: () =>
      kind === 'undecided'
        ? `${check.label} ${shown()}: too close to ${word} ${formatNumber(m.limit)} ${check.unit} (${m.stated}) to tell.`
        : `${check.label} ${shown()}; ${m.stated} asks ${word} ${formatNumber(m.limit)} ${check.unit}.`,
    remedy: () => (kind === 'undecided' ? `Measure again, more closely. ${check.how}` : m.remedy),
  }
}

type NumberLook =
  { readonly kind: 'known'; readonly value: Interval } | { readonly kind: 'undecided'; readonly outcome: Outcome }

export function readNumber(subject: FittedSubject, id: CheckId): NumberLook {
  const check = checkOf(id)
  const { reading, staleBecause } = subject.look(id)
  const value = toInterval(reading?.number)
  if (value === undefined)
    return { kind: 'undecided', outcome: notLooked(id, `${check.label}: not measured yet.`, check.how) }
  if (staleBecause !== undefined) {
    return {
      kind: 'undecided',
      outcome: notLooked(
        id,
        `${check.label}: ${changeSentence(staleBecause, subject.settings, subject.mode)} after it was measured.`,
        `Measure again. ${check.how}`,
      ),
    }
  }
  return { kind: 'known', value }
}

/** Worst first: one failure decides, then the first doubt; a pass says what all of them said. */
export function allOf(outcomes: readonly Outcome[]): Outcome {
  const worst = outcomes.find((o) => o.kind === 'fail') ?? outcomes.find((o) => o.kind === 'undecided')
  const missing = outcomes.flatMap((o) => o.missing ?? [])
  if (worst) return { ...worst, missing: missing.length ? missing : undefined }
  const first = outcomes[0]
  if (!first) throw new Error('A rule that asks for no check cannot pass')
  return { ...first, reason: () => outcomes.map((o) => o.reason()).join(' ') }
}

/** The worst of several outcomes, as it stands: a failure, then a doubt, then a pass. */
export function worstOf(outcomes: readonly Outcome[]): Outcome {
  const worst = outcomes.find((o) => o.kind === 'fail') ?? outcomes.find((o) => o.kind === 'undecided') ?? outcomes[0]
  if (!worst) throw new Error('Nothing was asked')
  return worst
}

interface ObservedRule {
  readonly id: string
  readonly title: string
  readonly stage: RuleStage
  readonly severity?: Severity
  readonly source: RuleSource
  readonly standsOn: string
  readonly checks: readonly CheckId[]
  readonly applies: (s: FittedSubject) => boolean
  /** Judges the options that leave it to the rule. */
  readonly byRule?: (
    s: FittedSubject,
    option: string,
  ) => { readonly kind: Decision; readonly reason: string; readonly remedy?: string }
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
