/** What this folder says, in English. */

// words
export const readyToTravel = 'Ready to travel'
export const notReady = 'Not ready'
export const notPermitted = 'Not permitted'
export const undecided = 'Undecided'
export const measure = 'Measure'
export const choose = 'Choose'
export const place = 'Place'
export const setUp = 'Set up'
export const childIn = 'Child in'
export const handOver = 'Hand over'
export const attach = 'Attach'

// caution
export const thisIsAWorkingAid =
  'This is a working aid; the restraint’s manual, the vehicle handbook and local law decide; a child travels only after a competent person has checked the installation by hand.'

// assess
export const everyCheckThatThisFitting = 'Every check that this fitting asks for has passed'
export const advisedAgainst = (said: string, advice: string) => `${said}; advised against: ${advice}`
export const thatItDoesNotAsk = (said: string, value: string, value2: string) =>
  `${said}; ${value} that it does not ask for no longer ${value2}.`
export const oneOlderNote = 'one older note'
export const olderNotes = (outdated: number) => `${outdated} older notes`
export const holds = 'holds'
export const hold = 'hold'
