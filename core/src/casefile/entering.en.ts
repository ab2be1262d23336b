import type { IsoDate } from '../ground/index.ts'

/** Why an entry or a file is not taken, as it is said of its field. */
export const ENTERING_EN = {
  notOwnSlip: 'only the last entry, by the same person, can be corrected as a slip',
  otherDay: (today: IsoDate) => `must be ${today}, the day on which it is judged`,
  signedApart: 'a fitting is signed through its own call',
  rideApart: 'who rides along is kept by the ride',
  ahead: (today: IsoDate) => `must not be after ${today}`,
  tooLate: (most: number) => `no entry of a file may be later than ${most}`,
} as const
