import { R44_GROUP_MASS_KG } from '../law/index.ts'
import type { Mode } from './restraint.ts'

export interface MassRange {
  readonly from?: number | undefined
  readonly to?: number | undefined
  /** Which text the range comes from. */
  readonly statedBy: 'mode' | 'group'
}

const ranges = new WeakMap<Mode, MassRange>()

/** The mass range in kg that decides for a mode, and whether the maker's own or the group's it is. */
export function massRangeOf(mode: Mode): MassRange {
  const known = ranges.get(mode)
  if (known) return known
  const range = findMassRange(mode)
  ranges.set(mode, range)
  return range
}

function findMassRange(mode: Mode): MassRange {
  if (mode.approval.regulation === 'R129') return { ...mode.massKg, statedBy: 'mode' }
  const ranges = mode.approval.groups.map((g) => R44_GROUP_MASS_KG[g])
  // An end that the mode leaves open is the group's.
  return {
    from: mode.massKg?.from ?? Math.min(...ranges.map((r) => r.from)),
    to: mode.massKg?.to ?? Math.max(...ranges.map((r) => r.to)),
    statedBy: mode.massKg === undefined ? 'group' : 'mode',
  }
}
