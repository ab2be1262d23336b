import { checkHow, checkLabel, checkOf, type CheckId } from '../checks/index.ts'
import { formatInterval, formatNumber, type Decision, type Interval } from '../quantities/index.ts'
import { wordsOf, type Sentence, type Words } from './say.ts'

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
      ? `${label} ${shown}: too close to ${limit} (${wordsOf(w.stated, d)}) to tell.`
      : `${label} ${shown}; ${wordsOf(w.stated, d)}: ${limit}.`
  },
  remedy: (d) => (d.kind === 'undecided' ? `Measure again, more closely. ${checkHow(d.check)}` : wordsOf(w.remedy, d)),
})
function unitOf(id: CheckId): string {
  const check = checkOf(id)
  if (check.kind !== 'number') throw new Error(`Check ${id} is not a number`)
  return check.unit
}
