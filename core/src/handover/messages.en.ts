/** What this folder says, in English. */

// case-text
export const aWorkingAidManualHandbook = 'A working aid. Manual, handbook and local law decide.'
export const childRestraintJudgedFor = (childName: string, today: string, verdictText: string) =>
  `Child restraint, ${childName}, judged for ${today}: ${verdictText}`
export const beforeARide = 'Before a ride:'
export const due = 'Due:'
export const handedOver = 'handed over'
export const notSigned = 'not signed'
