/** What this folder says, in English. */

// unit
export const itWasInACrash = 'it was in a crash'
export const itIsRecalled = 'it is recalled'
export const itsHistoryIsNotKnown = 'its history is not known'
export const itIsNotComplete = 'it is not complete'
export const howItsHarnessStands = 'whether its harness is in or stowed'
export const whichWayItStands = 'which way it faces'
