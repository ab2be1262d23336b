/** What the screens of this folder say, in English. */

// Tour
export const theBaysDay = 'The bay’s day'
export const whoComesWhenAndWhere = 'Who comes when, and where each fitting stands. Open leads to it.'
export const aVerdictWithItsReason = 'A verdict, with its reason'
export const itIsComputedFromWhat =
  'It is computed from what was observed. What is not known is never a pass, and what a change un-passed is asked for again.'
export const beginHere = 'Begin here'
export const aChildACarA = 'A child, a car, a restraint from the shelf: the rest is measured and worked out on the way.'
export const findAnything = 'Find anything'
export const everyPageFamilyCarRestraint =
  'Every page, family, car, restraint and rule by its name. Press ? for the keys.'
export const yoursInOnePress = 'Yours in one press'
export const removeTheDemoWhenYou =
  'Remove the demo when you begin with your own cars and restraints. Your own records stay.'
export const firstLookOf = (number: number, count: number) => `First look, ${number} of ${count}`
export const ofWord = (number: number, count: number) => `${number} of ${count}`
export const skip = 'Skip'
export const done = 'Done'
export const next = 'Next'

// DemoStrip
export const theDemoIsGoneFittings = (fittings: number) =>
  `The demo is gone: ${fittings} fittings and everything made for them.`
export const keptBecauseYouHaveChanged = (names: string) => `Kept, because you have changed it: ${names}.`
export const demo = 'Demo'
export const slipwayBayAndEverybodyIn = ' Slipway Bay and everybody in it are made up. Try anything.'
export const demo2 = 'Demo.'
export const seasonOf = (stored: number, total: number) => `Season: ${stored} of ${total}`
export const theSeasonIsBeingFilled = 'The season is being filled in'
export const removingTheDemo = 'Removing the demo'
export const removeTheDemo = 'Remove the demo'
export const removeTheDemo2 = 'Remove the demo?'
export const cancel = 'Cancel'
export const itsFamiliesFittingsVisitsAnd =
  'Its families, fittings, visits and jobs go, and its cars and restraints. This cannot be undone.'
export const thatYouMadeForChildren = ' that you made for children of the demo'
export const too = ' too.'
export const oneFitting = 'One fitting'
export const fittings = (yours: number) => `${yours} fittings`
export const goes = 'goes'
export const go = 'go'
export const yourOwnFamiliesAndFittings =
  'Your own families and fittings stay. A car or restraint of the demo that you have changed stays as yours.'

// DemoMark
export const demo3 = 'demo'
