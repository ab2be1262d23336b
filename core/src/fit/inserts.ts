import { compare, every, type Decision, type Interval } from '../quantities/index.ts'
import type { Insert, Mode, Until } from '../restraint/index.ts'

interface Measures {
  readonly massKg: Interval | undefined
  readonly statureCm: Interval | undefined
  readonly age: Interval | undefined
}

/** Whether the child is still under every limit given; a limit is reached at its value. */
export function isBefore(until: Until, child: Measures): Decision {
  const parts: Decision[] = []
  if (until.massKg !== undefined) parts.push(compare(child.massKg, 'less-than', until.massKg))
  if (until.statureCm !== undefined) parts.push(compare(child.statureCm, 'less-than', until.statureCm))
  if (until.ageMonths !== undefined) parts.push(compare(child.age, 'less-than', until.ageMonths))
  return every(parts)
}

export interface InsertAdvice {
  readonly insert: Insert
  /** `must`: in; `may`: either; `must-not`: out; `ask`: depends on what is not measured closely enough. */
  readonly use: 'must' | 'may' | 'must-not' | 'ask'
  /** Whether it has to be in, and whether it may be: two questions, each with its own limit. */
  readonly isRequired: Decision
  readonly isAllowed: Decision
}

export function adviseInserts(mode: Mode, child: Measures): readonly InsertAdvice[] {
  return (mode.inserts ?? []).map((insert) => {
    const required = insert.requiredUntil === undefined ? 'fail' : isBefore(insert.requiredUntil, child)
    const allowed = insert.allowedUntil === undefined ? 'pass' : isBefore(insert.allowedUntil, child)
    const both = { insert, isRequired: required, isAllowed: allowed }
    if (allowed === 'fail') return { ...both, use: 'must-not' }
    if (required === 'pass') return { ...both, use: 'must' }
    return { ...both, use: required === 'fail' && allowed === 'pass' ? 'may' : 'ask' }
  })
}

/** How much padding this child may have under it, in mm: the least that is required, the most that is allowed. */
export function insertThicknessRangeMm(
  mode: Mode,
  child: Measures,
): { readonly least: Interval; readonly most: Interval } {
  const least = { lo: 0, hi: 0 }
  const most = { lo: 0, hi: 0 }
  for (const { insert, use } of adviseInserts(mode, child)) {
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
