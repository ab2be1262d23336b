import type { Mode, R44Group } from './restraint.ts'

/** UN R44 mass groups in kg; the mode's own range wins over them. */
export const GROUP_MASS_KG = {
  '0': { from: 0, to: 10 },
  '0+': { from: 0, to: 13 },
  I: { from: 9, to: 18 },
  II: { from: 15, to: 25 },
  III: { from: 22, to: 36 },
} as const satisfies Record<R44Group, { from: number; to: number }>

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
  const ranges = mode.approval.groups.map((g) => GROUP_MASS_KG[g])
  // An end that the mode leaves open is the group's.
  return {
    from: mode.massKg?.from ?? Math.min(...ranges.map((r) => r.from)),
    to: mode.massKg?.to ?? Math.max(...ranges.map((r) => r.to)),
    statedBy: mode.massKg === undefined ? 'group' : 'mode',
  }
}
