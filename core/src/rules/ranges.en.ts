import { unreachable } from '../ground/index.ts'
import {
  formatInterval,
  formatNumber,
  formatRange,
  unitFor,
  type Decision,
  type Interval,
} from '../quantities/index.ts'
import { wordsOf, type Sentence, type Words } from './say.ts'

export interface RangeData {
  readonly kind: Decision
  readonly unit: string
  readonly measured: Interval | undefined
  readonly from: number | undefined
  readonly to: number | undefined
}

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
    const stated = wordsOf(w.stated, d)
    if (measured === undefined) return `${wordsOf(w.what, d)} is not known; ${stated} is ${range}.`
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
    const what = wordsOf(w.what, d).toLowerCase()
    if (measured === undefined) return w.ask ?? `Measure the ${what}.`
    const spread = formatNumber((measured.hi - measured.lo) / 2, 2)
    if (d.kind === 'undecided')
      return w.ask ?? `Measure the ${what} more closely: ± ${spread} ${unitFor(spread, unit)} is too wide to decide.`
    return wordsOf((isBelow(d) ? w.below : w.above) ?? '', d)
  },
})
const isBelow = ({ measured, from }: RangeData): boolean =>
  measured !== undefined && from !== undefined && (measured.lo + measured.hi) / 2 < from
