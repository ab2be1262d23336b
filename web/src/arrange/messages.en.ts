/** What the screens of this folder say, in English. */

// NumberAsked
export const mustBeFromTo = (label: string, isWhole: boolean, from: number, to: number, unit: string) =>
  isWhole
    ? `${label} must be a whole number from ${from} to ${to} ${unit}`
    : `${label} must be from ${from} to ${to} ${unit}`

// question
export const adult = 'Adult'
export const driver = 'Driver'
export const aPin = 'A pin'

// AskedPanel
export const anAdultRidesAlong = ' An adult rides along'
export const anywhere = ', anywhere'
export const ridesToo = (name: string) => `${name} rides too`
export const pins = 'Pins'
export const placesTakenBySomethingElse = 'Places taken by something else'
export const cupHolderOrPodTaken = 'Cup holder or pod taken off'
export const journeyAhead = 'Journey ahead'
export const askedOfTheVeryYoung = 'Asked of the very young'
export const theFamilyBringsItsOwn = 'The family brings its own'
export const remove = (label: string) => `Remove: ${label}`
export const mustBe = 'must be'
export const mustBe2 = (text: string) => `Must be: ${text}`

// places
export const fits = 'Fits'
export const fitsIfMeasured = 'Fits if measured'
export const doesNotFit = 'Does not fit'
export const notWorkedOut = 'Not worked out'
export const notWorkedOut2 = 'not worked out'

// CarTable
export const theOtherCarsAreBeing = 'The other cars are being looked at.'
export const notWorkedOutYet = 'Not worked out yet.'
export const car = 'Car'
export const thisFamily = 'This family'
export const againstTheBest = 'Against the best'
export const theBest = 'the best'

// Ways
export const onTheBelt = ', on the belt'
export const theBeltAlone = 'the belt alone'
export const sideBySideMmMay = (formatNumber: string) => `side by side ${formatNumber} mm may be missing`
export const mmToSpareSideBy = (formatNumber: string) => `${formatNumber} mm to spare side by side`
export const toBeMeasured = (plural: string) => `${plural} to be measured`
export const facingRearwardGivenUpIn = (plural: string) => `${plural} facing rearward given up in all`
export const nobodyGivesUpFacingRearward = 'nobody gives up facing rearward'
export const arrangementsBestFirst = 'Arrangements, best first'
export const airbagOfAndTheLamp = (place: string, airbag: string) =>
  `Airbag of ${place}: ${airbag}, and the lamp says so`
export const isConvertedFirstFor = (model: string, rider: string) => `${model} is converted first, for ${rider}`
export const beforeThat = 'Before that'
export const toBeMeasuredOrRead = 'To be measured or read'
export const fact = 'fact'
export const month = 'month'

// NoWay
export const theOneChangeThatHelps = 'The one change that helps most'
export const inAnotherCar = 'In another car'
export const take = (car: string) => `Take ${car}`
export const inThisCar = 'In this car'
export const inWord = (verdictWord: string, car: string) => `${verdictWord} in ${car}`
export const whatWouldHelpIsWeighed = 'What would help is weighed against the other cars.'
export const theseCannotStandTogetherIn = (car: string) => `These cannot stand together in ${car}`
export const nothingThatCouldBeOtherwise =
  'Nothing that could be otherwise stands in the way: they do not fit by measures alone.'
export const without = (names: string) => `Without ${names}`
export const itWasStoppedBeforeAll = 'It was stopped before all reasons were worked out.'

// Answers
export const answersAndQuestion = 'Answers and question'
export const arrangements = 'Arrangements'
export const waysLookedAt = 'Ways looked at'
export const cars = 'Cars'
export const pinsAndWhoRides = 'Pins and who rides'

// ArrangePlan
export const spacePicksTheFigureUp =
  'Space picks the figure up, the arrow keys carry it from place to place, space puts it down, Escape takes it back. Enter opens its pins.'
export const isCarried = (rider: string) => `${rider} is carried.`
export const overNoPlace = 'Over no place.'
export const putBack = 'Put back.'
export const at = (rider: string, place: string) => `${rider} at ${place}.`
export const fromAboveTheFiguresOn = (maker: string, model: string) =>
  `${maker} ${model} from above; the figures on it say who sits where`
export const notInTheCarYet = 'Not in the car yet'
export const carryAFigureToA = 'Carry a figure to a place; press it for pins.'
export const overNoPlace2 = (name: string) => `${name}: over no place`
export const beingWorkedOut = 'being worked out'
export const pinned = (name: string) => `${name}, pinned`

// OrderStrip
export const installFor = (rider: string) => `Install for ${rider}`
export const getsIn = (rider: string, past: string) => `${rider} gets in${past}`
export const orderOfInstallingAndGetting = 'Order of installing and getting in'
export const past = (way: string) => `, past ${way}`

export const arrangementNotWorkedOut = 'The arrangement could not be worked out.'

// RiderMenu
export const letGoOf = (placeLabel: string | undefined) => `Let go of ${placeLabel ?? 'the pin'}`
export const pinTo = (placeLabel: string) => `Pin to ${placeLabel}`
export const restraint = 'Restraint'
export const whateverSuitsBest = 'Whatever suits best'
export const staysAtHome = 'Stays at home'
export const acrossBothShoulders = 'Across both shoulders'
export const leftEmptyABroadAdult = 'Left empty, a broad adult is taken: 520 mm'
export const frontSeatForwardOfFully = 'Front seat forward of fully back, at most'
export const howFarThisAdultCan = 'How far this adult can sit forward'
export const doesNotRideAlong = 'Does not ride along'

// RowSection
export const back = 'Back'
export const front = 'Front'
export const theMiddlesOfThesePlaces = 'The middles of these places are not measured: nothing can be drawn to scale.'
export const movedToThe = (upTo: string, side: string) => `, moved ${upTo} to the ${side}`
export const howWideAndAreIs = (rider: string, rider2: string) => `how wide ${rider} and ${rider2} are is not known`
export const betweenAndAtHeightNeeded = (upTo: string, rider: string, rider2: string, levelOf: string, upTo2: string) =>
  `${upTo} between ${rider} and ${rider2} at ${levelOf} height, ${upTo2} needed`
export const fromBehindLeftToRight = (riders: string) => `From behind, left to right: ${riders}.`
export const fixed = 'fixed'
export const toMm = (formatNumber: string, formatNumber2: string) => `${formatNumber} to ${formatNumber2} mm`

// Rows
export const rowFromBehind = 'Row from behind'
export const row = (row: number) => `Row ${row}`

// ArrangePage
export const arrangeNimbleAnchor = 'Arrange · Nimble Anchor'
export const chooseAFamilyToArrange = 'Choose a family to arrange'
export const allFamilies = 'All families'
export const thereIsNoSuchFamily = 'There is no such family'
export const loading = 'Loading.'
export const noChildOfThisFamily = 'No child of this family is known'
export const theFamily = 'The family'
export const noCarIsKnownYet = 'No car is known yet'
export const vehicles = 'Vehicles'
export const cannotSitAt = (rider: string, place: string) => `${rider} cannot sit at ${place}`
export const arrange = 'Arrange'
export const theBestCarOfThe = 'The best car of the pool'
export const itCouldNotBeWorked = 'It could not be worked out. Load the page again.'
export const beingWorkedOut2 = 'Being worked out'
export const next = (factText: string) => `Next: ${factText}`
export const undo = ' Undo'
export const beginWithout = (leftOut: string) => `Begin without ${leftOut}`
export const beginThisFitting = 'Begin this fitting'
export const beginTheseFittings = 'Begin these fittings'
export const provenBest = 'proven best'
export const bestFoundSoFar = 'best found so far'
