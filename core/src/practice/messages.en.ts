/** What this folder says, in English. */

// profile
export const rearwardLongest = 'Rearward longest'
