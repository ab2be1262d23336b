/** What this folder says, in English. */

// child
export const isNeededWhichRestraintWas = 'is needed: which restraint was advised'

// plausibility
export const kgAndCmDoNot = (formatNumber: string, formatNumber2: string) =>
  `${formatNumber} kg and ${formatNumber2} cm do not go together. Look at both again.`
export const aSeatedShoulderAtCm = (formatNumber: string, formatNumber2: string) =>
  `A seated shoulder at ${formatNumber} cm and a stature of ${formatNumber2} cm do not go together. Look at both again.`
