import type { UnitFault, UnitUnknown } from './unit-state.ts'

/** "Unit T-1 …": what is wrong with it. */
export const FAULT_TEXT = {
  crash: 'was in a crash',
  recall: 'is recalled',
  incomplete: 'has parts missing',
  'history-unknown': 'has an unknown history',
} as const satisfies Record<UnitFault, string>

/** "Not recorded: …". */
export const UNKNOWN_TEXT = {
  crash: 'whether it was in a crash',
  recall: 'whether it is recalled',
  complete: 'whether it is complete',
  history: 'where it has been',
} as const satisfies Record<UnitUnknown, string>
