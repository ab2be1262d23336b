import {
  formatInterval,
  formatNumber,
  formatRange,
  unitFor,
  type Decision,
  type Interval,
} from '../quantities/index.ts'
import { unreachable } from '../ground/index.ts'
import { checkOf, type CheckId, checkLabel, checkHow, optionLabel, checkRemedy } from '../checks/index.ts'
import { changeSentence, type Change, type Settings } from '../readings/index.ts'
import type { Mode } from '../restraint/index.ts'
import { comparedOf, type Comparison } from './predictions.en.ts'
import type { Need } from './rule.ts'
import { partAsked } from './stated.en.ts'
import { ruleText, sentence, type Said, type Sentence } from './say.ts'

/** The sentences that many rules share: ranges, looks, measured checks. */

export interface RangeData {
  readonly kind: Decision
  readonly unit: string
  readonly measured: Interval | undefined
  readonly from: number | undefined
  readonly to: number | undefined
}
type Words<D> = string | ((data: D) => string)
const words = <D>(text: Words<D>, data: D): string => (typeof text === 'string' ? text : text(data))

interface RangeWords<D> {
  readonly what: Words<D>
  /** "the group's range", "the mode's range": who states it. */
  readonly stated: Words<D>
  /** What is stated is one lower end: "the minimum for facing forward". */
  readonly isMinimum?: true
  /** How to get to know it, where measuring is not the way. */
  readonly ask?: string
  readonly below?: Words<D>
  readonly above?: Words<D>
}

/** A value held against a range. */
export const rangeSentence = <X extends object = object>(w: RangeWords<RangeData & X>): Sentence<RangeData & X> => ({
  reason(d) {
    const { measured, unit, from, to } = d
    const range = formatRange(unit, from, to)
    const stated = words(w.stated, d)
    if (measured === undefined) return `${words(w.what, d)} is not known; ${stated} is ${range}.`
    const shown = formatInterval(measured, unit)
    if (w.isMinimum) {
      const minimum = `${stated} (${formatNumber(from ?? 0)} ${unit})`
      const short = formatNumber((from ?? 0) - measured.hi, 2)
      return d.kind === 'pass'
        ? `${shown} meets ${minimum}.`
        : d.kind === 'undecided'
          ? `${shown} may be below ${minimum}.`
          : `${shown} is ${short} ${unit} below ${minimum}.`
    }
    switch (d.kind) {
      case 'pass':
        return `${shown} is within ${stated}, ${range}.`
      case 'undecided':
        return `${shown} may be inside or outside ${stated}, ${range}.`
      case 'fail':
        return isBelow(d)
          ? `${shown} is ${formatNumber((from ?? 0) - measured.hi, 2)} ${unit} short of ${stated}, ${range}.`
          : `${shown} is ${formatNumber(measured.lo - (to ?? 0), 2)} ${unit} over ${stated}, ${range}.`
      default:
        return unreachable(d.kind)
    }
  },
  remedy(d) {
    const { measured, unit } = d
    const what = words(w.what, d).toLowerCase()
    if (measured === undefined) return w.ask ?? `Measure the ${what}.`
    const spread = formatNumber((measured.hi - measured.lo) / 2, 2)
    if (d.kind === 'undecided')
      return w.ask ?? `Measure the ${what} more closely: ± ${spread} ${unitFor(spread, unit)} is too wide to decide.`
    return words((isBelow(d) ? w.below : w.above) ?? '', d)
  },
})
const isBelow = ({ measured, from }: RangeData): boolean =>
  measured !== undefined && from !== undefined && (measured.lo + measured.hi) / 2 < from

/** A fact that nobody has looked up. */
export const notKnown = (ask: string): Sentence<undefined> => ({
  reason: () => `Not known: ${ask}.`,
  remedy: () => `Find out: ${ask}.`,
})

export interface UntilSeenData {
  readonly check: CheckId
  readonly isSeen: boolean
}
/** A figure that nobody has stated, settled by a look in the car. */
export const untilSeenSentence = (w: { readonly what: string; readonly remedy: string }): Sentence<UntilSeenData> => ({
  reason: ({ check, isSeen }) => {
    const label = checkLabel(check).toLowerCase()
    return isSeen
      ? `${w.what} is not known; it was looked at in the car instead (${label}).`
      : `${w.what} is not known; it is settled in the car (${label}).`
  },
  remedy: () => w.remedy,
})

export interface MeasuredData {
  readonly kind: Decision
  readonly check: CheckId
  readonly value: Interval
  readonly wording: 'at-least' | 'at-most'
  readonly limit: number
  /** Both ends, where it is held against a window. */
  readonly range?: { readonly from?: number | undefined; readonly to?: number | undefined }
}
interface MeasuredWords<D> {
  readonly stated: Words<D>
  readonly remedy: Words<D>
}
/** A measured check held against one limit. */
export const measuredSentence = <X extends object = object>(
  w: MeasuredWords<MeasuredData & X>,
): Sentence<MeasuredData & X> => ({
  reason(d) {
    const label = checkLabel(d.check)
    const unit = unitOf(d.check)
    const shown = formatInterval(d.value, unit)
    const { from, to } = d.range ?? {}
    const limit =
      d.kind === 'pass' && from !== undefined && to !== undefined
        ? `${formatNumber(from)} to ${formatNumber(to)} ${unit}`
        : `${d.wording === 'at-least' ? 'at least' : 'at most'} ${formatNumber(d.limit)} ${unit}`
    return d.kind === 'undecided'
      ? `${label} ${shown}: too close to ${limit} (${words(w.stated, d)}) to tell.`
      : `${label} ${shown}; ${words(w.stated, d)} asks ${limit}.`
  },
  remedy: (d) => (d.kind === 'undecided' ? `Measure again, more closely. ${checkHow(d.check)}` : words(w.remedy, d)),
})
function unitOf(id: CheckId): string {
  const check = checkOf(id)
  if (check.kind !== 'number') throw new Error(`Check ${id} is not a number`)
  return check.unit
}

/** What happened after a look: the change, and what stands now. */
interface Since {
  readonly change: Change
  readonly settings: Settings
  readonly mode: Mode
}

/** Sentences that belong to no rule by itself. */
export default ruleText({
  title: '',
  standsOn: '',
  says: {
    'not-checked': sentence<{ check: CheckId }>({
      reason: ({ check }) => `${checkLabel(check)}: not checked yet.`,
      remedy: ({ check }) => checkHow(check),
    }),
    'not-measured': sentence<{ check: CheckId }>({
      reason: ({ check }) => `${checkLabel(check)}: not measured yet.`,
      remedy: ({ check }) => checkHow(check),
    }),
    'checked-before': sentence<{ check: CheckId; since: Since }>({
      reason: ({ check, since: { change, settings, mode } }) =>
        `${checkLabel(check)}: ${changeSentence(change, settings, mode)} after it was checked.`,
      remedy: ({ check }) => `Check again. ${checkHow(check)}`,
    }),
    'measured-before': sentence<{ check: CheckId; since: Since }>({
      reason: ({ check, since: { change, settings, mode } }) =>
        `${checkLabel(check)}: ${changeSentence(change, settings, mode)} after it was measured.`,
      remedy: ({ check }) => `Measure again. ${checkHow(check)}`,
    }),
    'was-so-before': sentence<{ check: CheckId; option: string }>({
      reason: ({ check, option }) =>
        `${checkLabel(check)} ${optionLabel(check, option)}, but it showed the same before latching, so it proves nothing.`,
      remedy: () => 'Release, see it change, latch again, and look.',
    }),
    seen: sentence<{ check: CheckId; option: string; kind: Decision }>({
      reason: ({ check, option }) => `${checkLabel(check)}: ${optionLabel(check, option)}.`,
      remedy: ({ check, kind }) => (kind === 'undecided' ? checkHow(check) : checkRemedy(check)),
    }),
    'angle-proof': sentence<{ what: string; said: Said }>({
      reason: ({ what, said }, read) => `${what}. ${read.reason(said)}`,
      remedy: ({ said }, read) => read.remedy(said),
    }),
    /** What to do about a check of which a rule says why, and nothing more. */
    'put-right': sentence<{ check: CheckId }>({ reason: () => '', remedy: ({ check }) => checkRemedy(check) }),
    'left-off': sentence({
      reason: () => 'Left off; the maker advises it, since it lessens how far head and shell go.',
    }),
    'all-stated': sentence({ reason: () => 'The entry states each part, or that there is none.' }),
    'not-stated': sentence<{ parts: readonly Need[] }>({
      reason: ({ parts }) => {
        // All are asked one by one where they are answered; here two speak for them.
        const more = parts.length > 3 ? [`and ${parts.length - 2} more`] : []
        const named = parts.slice(0, more.length > 0 ? 2 : 3).map(partAsked)
        return `Not read yet: ${[...named, ...more].join('; ')}.`
      },
      remedy: () => 'Look at the label, the manual or the restraint, and answer it with the entry.',
    }),
    'as-worked-out': sentence<{ comparisons: readonly Comparison[] }>({
      reason: ({ comparisons }) => comparisons.map((c) => comparedOf(c).both).join(' '),
    }),
    differs: sentence<Comparison>({
      reason: (c) =>
        `${comparedOf(c).both} They differ by more than their combined uncertainty${c.isBinding ? ': one of them is wrong' : ', and one rests on an estimate'}.`,
      remedy: (c) =>
        c.isBinding
          ? `Look at both again, and put right the one that is wrong: ${comparedOf(c).lookAt}.`
          : `Measure the child instead of estimating: ${comparedOf(c).lookAt}.`,
    }),
    all: sentence<{ said: readonly Said[] }>({
      reason: ({ said }, read) => said.map((one) => read.reason(one)).join(' '),
    }),
  },
})
