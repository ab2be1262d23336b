/** What this folder says, in English. */

// vehicle
export const mustNotBeMoreThan = 'must not be more than "fullyForwardMm"'
export const slidingTrackIsStatedToo = '"slidingTrack" is stated too'
export const isUsedTwice = (id: string) => `"${id}" is used twice`
export const namesThePlaceItself = 'names the place itself'
export const noPlaceInThisCar = (id: string) => `no place "${id}" in this car`

// fixtures
export const fullHeightForward = 'full-height forward'
export const reducedHeightForward = 'reduced-height forward'
export const reducedHeightForwardRounded = 'reduced-height forward, rounded'
export const fullSizeRearward = 'full-size rearward'
export const reducedRearward = 'reduced rearward'
export const reducedRearwardRounded = 'reduced rearward, rounded'
export const infantRearward = 'infant rearward'
export const lateralLeft = 'lateral, left'
export const lateralRight = 'lateral, right'
export const boosterReducedWidth = 'booster, reduced width'
export const boosterFullWidth = 'booster, full width'

// lint
export const markedISizeAndNo = 'marked i-Size, and no ISOFIX bars'
export const markedIufAndNoIsofix = 'marked IUF, and no ISOFIX bars'
export const markedIufWhichNeedsA = 'marked IUF, which needs a top tether, and no anchorage'
export const markedXForIsofixAnd = 'marked X for ISOFIX and i-Size at once'
export const markedISizeAndFacing = (direction: string) => `marked i-Size, and ${direction}-facing`
export const theSeatInFrontIs = (fullyBackMm: number, fullyForwardMm: number) =>
  `the seat in front is said to stand where it cannot: its track goes from ${fullyBackMm} to ${fullyForwardMm} mm`
export const nearerThanMmTo = (narrowestMm: number, label: string) => `nearer than ${narrowestMm} mm to ${label}`
export const whetherItHasAFrontal = 'whether it has a frontal airbag is not known yet'
export const side = 'side'
export const rearward = 'rearward'
export const leftOf = (row: string) => `${row} left`
export const middleOf = (row: string) => `${row} middle`
export const rightOf = (row: string) => `${row} right`

// layout
export const fiveSeater = 'Five-seater'
export const front = 'Front'
export const rear = 'Rear'
export const sevenSeater = 'Seven-seater'
export const secondRow = 'Second row'
export const thirdRow = 'Third row'
export const twoSeatVan = 'Two-seat van'
export const twinCab = 'Twin-cab'
