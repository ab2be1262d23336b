/** What this folder says, in English. */

// recommend-child
export const theEntryOfThisRestraint = 'the entry for this restraint does not say'
export const lookUpTheInsertsAnd = 'Look up the inserts, and until when'
export const asYouJudge = 'optional'
export const measureFirst = 'measure first'
export const theMakersLimitsAgainstThis = 'the maker’s limits for this child'
export const lookUpTheHeightsOf = 'Look up the heights of the straps'
export const measureTheSeatedShoulderHeight = 'Measure the seated shoulder height first'
export const strapsGo = (rule: string) => `straps go ${rule}`
export const theMakerReadsTheHeight = 'the maker reads the height there'
export const lookUpHowFarThe = 'Look up how far the head support’s edge stands above the straps'
export const thePaddingUnderTheChild = 'the padding under the child raises the shoulder'
export const sayWhichInsertsAreIn = 'Record which inserts are in first'
export const shoulderAtStrapsGo = (formatInterval: string, rule: string) =>
  `shoulder at ${formatInterval}; straps go ${rule}`
export const strapsAt = (name: string) => `Straps at ${name}`
export const tooSmallNoSlotIs = 'Too small: no slot is low enough'
export const outgrownNoSlotIsHigh = 'Outgrown: no slot is high enough'
export const betweenTwoSlotsNeitherIs = 'Between two slots: neither is near enough'
export const theBeltGuideStandsAbove = (window: string) => `the belt guide stands ${window} above the shoulder`
export const shoulderAtTheGuideStands = (formatInterval: string, guide: string, window: string) =>
  `shoulder at ${formatInterval}${guide}; the guide stands ${window} above it`
export const beltGuideAtMm = (heightMm: number) => `Belt guide at ${heightMm} mm`
export const beltGuideNearMmMeasure = (heightMm: number) =>
  `Belt guide near ${heightMm} mm: measure the shoulder, or adjust it to the child`
export const tooSmallTheGuideDoes = 'Too small: the guide does not come low enough'
export const outgrownTheGuideIsToo = 'Outgrown: the guide is too low'
export const estimatedFromTheStature = ', estimated from the stature'

// recommend-tilt
export const noWedge = 'No wedge'
export const noAngleAsksForIt = 'the angle does not need it'
export const lookUpTheReclinePositions = 'Look up the recline positions'
export const askAboutHeadControlFirst = 'Ask about head control first'
export const itDecidesHowFarThe = 'it decides how far the shell may sit up'
export const oneOf = (names: string) => `One of ${names}`
export const theOneAtWhichIt = (what: string) => `the one at which it shows good: ${what}`
export const noPermittedReclineIsUpright = 'No permitted recline is upright enough here'
export const neverMoreThan = (maxShellAngleDeg: number) => `never more than ${maxShellAngleDeg}°`
export const theMakerPermitsTheseHere = 'the maker permits these here and states no angle'
export const theMostUprightAtWhich = 'the most upright at which the head lies back, asleep too'
export const measureTheCushionSlopeFirst = 'Measure the cushion slope first'
export const theTargetIs = (fromDeg: number, toDeg: number) => `the target is ${fromDeg}–${toDeg}°`
export const target = (fromDeg: number, toDeg: number, because: string) => `target ${fromDeg}–${toDeg}° (${because})`
export const cushionSlope = (degrees: string) => `cushion slope ${degrees}`
export const thoseThatMeetItLeave = (slopeText: string, target: string) =>
  `${slopeText}, ${target}; those that meet it leave no room in front of the shell`
export const noReclineMeetsTargetAnd = 'No recline meets target and room together'
export const nearestIsAt = (label: string, degrees: string) => `; nearest is ${label} at ${degrees}`
export const noPermittedReclineIsSure = 'No permitted recline is sure to meet the target'
export const shell = (degrees: string, slopeText: string, target: string) => `shell ${degrees}: ${slopeText}, ${target}`
export const recline = (label: string) => `Recline ${label}`
export const wedgeIn = 'Wedge in'
export const theShellReachesFromThe = (formatInterval: string) =>
  `the shell reaches ${formatInterval} from the backrest, and the maker asks for touch`
export const itsTallestDriverNeedsIt = 'Its tallest driver needs it further back'
export const theSeatInFrontDoes = 'The seat in front does not come that far back'
export const seatInFrontToMm = (gapMm: number) => `Seat in front to ${gapMm} mm, until it touches`

// recommend
export const measureTheCushionsFrontEdge = 'Measure the cushion’s front edge above the bare floor first'
export const theLegMustReachThe = 'the leg must reach the floor, mat out'
export const aLegOfIsNeeded = (formatInterval: string) => `a leg of ${formatInterval} is needed`
export const notchOf = (notch: number, notches: number) => `Notch ${notch} of ${notches}`
export const itLiftsTheBaseBy = (needed: string, formatInterval: string) =>
  `${needed}; it lifts the base by ${formatInterval}`
export const tooCloseToTheLegs = 'Too close to the leg’s end to tell: measure more closely'
export const theLegIsTooFor = (shortOrLong: string) => `The leg is too ${shortOrLong} for this place`
export const itGoesMm = (needed: string, formatNumber: string, formatNumber2: string) =>
  `${needed}; it extends from ${formatNumber} to ${formatNumber2} mm`
export const long = 'long'
export const measureMoreClosely = (names: readonly string[]) =>
  `${names.join(' or ')}: measure the shoulder more closely`
export const firstThatStands = (notches: readonly number[]) =>
  `Notch ${notches[0]} to ${notches.at(-1)}: the first that stands`
export const inWord = 'in'
export const outWord = 'out'

// one-ride
export const unknownCar = 'Unknown car'
export const forOneRide = 'for one ride'
