/** What the screens of this folder say, in English. */

// ArrangeLink
export const arrangeTheFamily = 'Arrange the family'

// OneChangePanel
export const anotherPlace = 'Another place'
export const anotherRoute = 'Another route'
export const anotherCar = 'Another car'
export const anotherRestraint = 'Another restraint'
export const noPlaceOfThisCar = 'No place of this car holds: one change that would'
export const oneChangeThatWouldHold = 'One change that would hold'
export const noSingleChangeHelpsNo =
  'No single change helps: no other place, route, car of the pool or restraint on the shelf takes this child here. Change two things, or stop and ask.'
export const ifWhatIsNotKnown = ', if what is not known yet holds'
export const whichYourProfileAdvisesAgainst = ', which your profile advises against'
export const changeToThis = 'Change to this'
export const changeToThis2 = (changeText: string) => `Change to this: ${changeText}`
export const showFewer = 'Show fewer'
export const showAll = (count: number) => `Show all ${count}`

// OneRidePanel
export const aCarInNoCatalogue = 'A car in no catalogue, for one ride'
export const oneRideInAnUnknown = 'One ride in an unknown car'
export const nothingOfThisCarIs =
  'Nothing of this car is taken for known. Each way says what has to be found out at the car before it can pass; the one with the fewest readings stands first.'
export const place = 'Place'
export const theDriverSits = 'The driver sits'
export const onTheRight = 'on the right'
export const onTheLeft = 'on the left'
export const nothingOnTheShelfCan =
  'Nothing on the shelf can be proved for this child in an unknown car. Use a car that is in the catalogue, or ask a fitter.'
export const unit = (serial: string) => `, unit ${serial}`
export const takeThisWay = 'Take this way'
export const takeThisWay2 = (name: string, label: string) => `Take this way: ${name}, ${label}`
export const readings = (count: number) => `${count} readings:`

// PlaceRoute
export const chosen = 'Chosen'
export const goOnToSetUp = 'Go on to Set up'
export const useThisPlace = 'Use this place'
export const useThisPlace2 = (placeLabel: string, label: string) => `Use this place: ${placeLabel}, ${label}`
export const ruleHolds = 'rule holds'
export const rulesHold = 'rules hold'

// PlaceFacts
export const notKnown = 'not known'
export const solid = 'solid'
export const storageBoxMayNotBear = 'storage box, may not bear a leg'
export const storageBoxAllowedFilledOr = 'storage box, allowed filled or propped'
export const noFloorForALeg = 'no floor for a leg'
export const threePoint = 'three-point'
export const lapOnly = 'lap only'
export const none = 'none'
export const yesVisible = 'yes, visible'
export const yesRecessed = 'yes, recessed'
export const seatBack = 'seat back'
export const shelf = 'shelf'
export const loadFloor = 'load floor'
export const roof = 'roof'
export const underTheSeat = 'under the seat'
export const noneRingsAreForLuggage = 'none: rings are for luggage'
export const canBeSwitchedOff = 'can be switched off'
export const cannotBeSwitchedOff = 'cannot be switched off'
export const switchesItselfByWeight = 'switches itself by weight'
export const locksOnlyInACrash = 'locks only in a crash'
export const switchablePulledRightOutIt = 'switchable: pulled right out it ratchets'
export const staticTightenedByHand = 'static: tightened by hand'
export const no = 'no'
export const yesTheHandbookAsksFor = 'yes; the handbook asks for no setting'
export const yesFullyBackSaysThe = 'yes; fully back, says the handbook'
export const forward = 'forward'
export const rearward = 'rearward'
export const toTheSide = 'to the side'
export const yes = 'yes'
export const fixedRunner = 'fixed runner'
export const movingFrame = 'moving frame'
export const metalSeatLeg = 'metal seat leg'
export const boxedInNone = 'boxed in: none'
export const fullyBackUnderARestraint = 'Fully back under a restraint.'
export const whatIsKnownOf = (label: string) => `What is known of ${label}`
export const floorUnderALeg = 'Floor under a leg'
export const belt = 'Belt'
export const isofixBars = 'ISOFIX bars'
export const tetherAnchorage = 'Tether anchorage'
export const frontalAirbag = 'Frontal airbag'
export const beltRetractor = 'Belt retractor'
export const vehicleHeadRestraint = 'Vehicle head restraint'
export const seatSlides = 'Seat slides'
export const seatFaces = 'Seat faces'
export const handbookAirbagBeforeAForward = 'Handbook: airbag before a forward child'
export const handbookCutOffByWeight = 'Handbook: cut-off by weight counts as off'
export const lowerTetherPointLeft = 'Lower tether point, left'
export const lowerTetherPointRight = 'Lower tether point, right'
export const handbookLetters = 'Handbook letters'
export const envelopesListed = 'Envelopes listed: '

// PlaceStage
export const car = 'Car'
export const chooseACar = 'Choose a car'
export const theCar = 'The car'
export const eachPlaceOfTheCar = 'Each place of the car is then judged for the chosen restraint.'
export const whatTheMarksMean = 'What the marks mean'
export const chooseARestraintModeFirst = 'Choose a restraint mode first; then each place says whether it fits.'
export const openChoose = 'Open Choose'
export const places = 'Places'
export const chosen2 = ' · chosen'
export const factsOfThisPlace = 'Facts of this place'
export const byWhichRoute = 'By which route'
export const factsOf = (lowerFirst: string) => `Facts of ${lowerFirst}`
export const holds = (label: string) => `Holds: ${label}.`

export const anotherModeOfThisRestraint = 'Another mode of this restraint'
