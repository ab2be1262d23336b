/** What this folder says, in English. */

// ease
export const topTether = 'top tether'
export const lockingClip = 'locking clip'
export const lowerTethers = 'lower tethers'
export const twoPlaces = 'two places'
