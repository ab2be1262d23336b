/** What this folder says, in English. */

// instrument
export const babyScale = 'Baby scale'
export const layOrSitTheChild = 'Lay or sit the child on the scale, bare or in what you then record, and let go.'
export const heightGauge = 'Height gauge'
export const crownToTheFixedEnd = 'Crown to the fixed end, knees straight, slide the foot board up and hold it.'
export const inclinometer = 'Inclinometer'
export const holdItsBackFlatAgainst = 'Hold its back flat against the surface, along the car.'
export const strapGauge = 'Strap gauge'
export const hookItUnderTheStrap =
  'Hook it under the strap at the collar bone and let its spring lift: it reads how far the strap comes off.'

// settle
export const reading = 'Reading.'
export const nothingOnItYet = (how: string) => `Nothing on it yet. ${how}`
export const stillNobodyLeansOnIt = (shown: string) => `Still ${shown}: nobody leans on it, nothing hangs from it?`
export const movingKeepStillItTakes = 'Moving. Keep still; it takes the value by itself.'
export const comingToRest = 'Coming to rest.'
export const atRest = 'At rest.'
export const rising = 'rising'
export const falling = 'falling'

// stand-in
export const liesStill = 'lies still'
export const wrigglesThenLiesStill = 'wriggles, then lies still'
export const neverLiesStill = 'never lies still'
export const somebodyLeansOnItMore = 'somebody leans on it, more and more'
export const theContactComesAndGoes = 'the contact comes and goes'
