/** What this folder says, in English. */
import { dayInSentence } from '../quantities/index.ts'

// standing
export const below1 = 'below 1'
export const above99 = 'above 99'
export const centileTo = (low: string, high: string) => `centile ${low} to ${high}`
export const aStatureOfCmIs = (formatNumber: string, formatNumber2: string, on: string) =>
  `A stature of ${formatNumber} cm is less than the ${formatNumber2} cm of ${dayInSentence(on)}, and a child does not shrink. Look at both again.`
export const centile = (at: string) => `centile ${at}`
const MEASURE = { massKg: 'mass', statureCm: 'stature' } as const
const SIDE = { above: 'above', below: 'below' } as const
export const farFromTheMiddle = (measure: keyof typeof MEASURE, shown: string, z: number, side: keyof typeof SIDE) =>
  `A ${MEASURE[measure]} of ${shown} is more than ${z} standard deviations ${SIDE[side]} the middle of this age. Check it and the date of birth.`
