import type { RestraintUnit } from '../restraint/index.ts'

/** What is wrong with a unit, whatever it is used for. */
export type UnitFault = 'crash' | 'recall' | 'incomplete' | 'history-unknown'
/** What nobody has recorded of it. */
export type UnitUnknown = 'crash' | 'recall' | 'complete' | 'history'

/** The state of a unit as recorded; of no unit at all everything is unknown. */
export function unitState(unit: RestraintUnit | undefined): {
  readonly faults: readonly UnitFault[]
  readonly unknown: readonly UnitUnknown[]
} {
  const faults: UnitFault[] = []
  const unknown: UnitUnknown[] = []
  if (unit?.wasInCrash === true) faults.push('crash')
  if (unit?.isRecalled === true) faults.push('recall')
  if (unit?.isComplete === false) faults.push('incomplete')
  if (unit?.isHistoryKnown === false) faults.push('history-unknown')
  if (unit?.wasInCrash === undefined) unknown.push('crash')
  if (unit?.isRecalled === undefined) unknown.push('recall')
  if (unit?.isComplete === undefined) unknown.push('complete')
  if (unit?.isHistoryKnown === undefined) unknown.push('history')
  return { faults, unknown }
}
