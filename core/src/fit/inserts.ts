import { compare, type Decision, type Interval } from '../quantities/index.ts'
import type { Insert, Mode, Until } from '../restraint/index.ts'

interface Measures {
  readonly massKg: Interval | undefined
  readonly statureCm: Interval | undefined
  readonly age: Interval | undefined
}

/** Whether the child is still under every limit given; a limit is reached at its value. */
export function isBefore(until: Until, child: Measures): Decision {
  const byMass = until.massKg === undefined ? 'pass' : compare(child.massKg, 'less-than', until.massKg)
  const byStature = until.statureCm === undefined ? 'pass' : compare(child.statureCm, 'less-than', until.statureCm)
  const byAge = until.ageMonths === undefined ? 'pass' : compare(child.age, 'less-than', until.ageMonths)
  if (byMass === 'fail' || byStature === 'fail' || byAge === 'fail') return 'fail'
  return byMass === 'pass' && byStature === 'pass' && byAge === 'pass' ? 'pass' : 'undecided'
}

export interface InsertAdvice {
  readonly insert: Insert
  /** `must`: in; `may`: either; `must-not`: out; `ask`: depends on what is not measured closely enough. */
  readonly use: 'must' | 'may' | 'must-not' | 'ask'
  /** Whether it has to be in, and whether it may be: two questions, each with its own limit. */
  readonly isRequired: Decision
  readonly isAllowed: Decision
}

const isRequiredOf = ({ requiredUntil }: Insert, child: Measures): Decision =>
  requiredUntil === undefined ? 'fail' : isBefore(requiredUntil, child)
const isAllowedOf = ({ allowedUntil }: Insert, child: Measures): Decision =>
  allowedUntil === undefined ? 'pass' : isBefore(allowedUntil, child)

function useOf(isRequired: Decision, isAllowed: Decision): InsertAdvice['use'] {
  if (isAllowed === 'fail') return 'must-not'
  if (isRequired === 'pass') return 'must'
  return isRequired === 'fail' && isAllowed === 'pass' ? 'may' : 'ask'
}

export function adviseInserts(mode: Mode, child: Measures): readonly InsertAdvice[] {
  return (mode.inserts ?? []).map((insert) => {
    const isRequired = isRequiredOf(insert, child)
    const isAllowed = isAllowedOf(insert, child)
    return { insert, isRequired, isAllowed, use: useOf(isRequired, isAllowed) }
  })
}

/** How much padding this child may have under it, in mm: the least that is required, the most that is allowed. */
export function insertThicknessRangeMm(
  mode: Mode,
  child: Measures,
): { readonly least: Interval; readonly most: Interval } {
  const least = { lo: 0, hi: 0 }
  const most = { lo: 0, hi: 0 }
  for (const insert of mode.inserts ?? []) {
    const use = useOf(isRequiredOf(insert, child), isAllowedOf(insert, child))
    const mm = insert.thicknessMm
    if (use === 'must') least.lo += mm
    if (use === 'must' || use === 'ask') least.hi += mm
    if (use === 'must' || use === 'may') most.lo += mm
    if (use !== 'must-not') most.hi += mm
  }
  return { least, most }
}

/** How much the pieces in use raise the child's shoulder, in mm. */
export function insertThicknessMm(mode: Mode, insertsIn: readonly string[]): number {
  return (mode.inserts ?? []).filter((i) => insertsIn.includes(i.id)).reduce((sum, i) => sum + i.thicknessMm, 0)
}

/**
 * How much the padding under the child raises its shoulder, in mm; `undefined`
 * while nobody has said which pieces are in, or whether there are any at all.
 */
export function paddingNowMm(mode: Mode, insertsIn: readonly string[] | undefined): number | undefined {
  if (insertsIn !== undefined) return insertThicknessMm(mode, insertsIn)
  return mode.inserts?.every((i) => i.thicknessMm === 0) ? 0 : undefined
}
