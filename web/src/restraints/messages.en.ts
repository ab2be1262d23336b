/** What the screens of this folder say, in English. */

// ImportDialog
export const isNotJson = (name: string, message: string) => `${name} is not JSON: ${message}`
export const notRead = 'Not read.'
export const importedFrom = (fresh: number, value: string, value2: string) =>
  `${fresh} ${value} imported from ${value2}.`
export const importACatalogue = 'Import a catalogue'
export const jsonInThePublishedFormat =
  'JSON in the published format, or CSV with a header as it is exported here: restraints (one line a route), units, or cars. Each row is looked at first; with one bad row nothing is imported.'
export const catalogueFile = 'Catalogue file'
export const anotherFile = 'Another file'
export const chooseAFile = 'Choose a file'
export const toStore = (fresh: number) => `, ${fresh} to store`
export const n1Row = '1 row'
export const rows = (count: number) => `${count} rows`
export const rejectedNothingCanBeImported = (rejected: number) =>
  `, ${rejected} rejected: nothing can be imported until they are put right`
export const rowsOfTheFile = 'Rows of the file'
export const contradictsItsRegulation = (lint: string) => ` contradicts its regulation, ${lint}`
export const andMore = (value: number) => `and ${value} more`
export const importing = 'Importing'
export const importWord = (fresh: number) => `Import ${fresh}`
export const leaveEverythingAsItIs = 'Leave everything as it is'
export const importingAllOfItOr = 'Importing, all of it or nothing'
export const theShelfKnowsOfIt = (what: string) => ` The shelf knows of it: ${what}. The file says something else.`
export const believeTheFileThisIs = 'Believe the file: this is put right'
export const believeTheFileAbout = (id: string) => `Believe the file about ${id}`

// unitState
export const wasInACrash = 'was in a crash'
export const notCheckedSince = (since: string, job: string) => `not checked since ${since} (${job})`
export const partsMissing = 'parts missing'
export const historyUnknown = 'history unknown'
export const itsLifeEndedOn = (end: string) => `its life ended on ${end}`
export const endOfLife = 'end of life'
export const notRecorded = (open: string) => `not recorded: ${open}`

// RestraintsPage
export const modelsAndUnitsJson = 'Models and units, JSON'
export const modelsCsv = 'Models, CSV'
export const unitsCsv = 'Units, CSV'
export const noneOnTheShelf = 'none on the shelf'
export const onTheShelf = (count: number) => `${count} on the shelf`
export const onTheShelfSound = (count: number, sound: number) => `${count} on the shelf, ${sound} sound`
export const restraintsNimbleAnchor = 'Restraints · Nimble Anchor'
export const newRestraint = 'New restraint'
export const doWord = 'Do'
export const restraints = 'Restraints'
export const findARestraint = 'Find a restraint'
export const findByMakerNameOr = 'Find by maker, name or mode'
export const importWord2 = ' Import'
export const newRestraint2 = ' New restraint'
export const theServerDoesNotAnswer = 'The server does not answer'
export const tryAgain = 'Try again'
export const noSuchRestraint = 'No such restraint'
export const noRestraintYet = 'No restraint yet'
export const nothingInTheCatalogueHas = 'Nothing in the catalogue has these words.'
export const importACatalogueOrEnter = 'Import a catalogue, or enter the first from its manual.'
export const catalogue = 'Catalogue'
export const models = (count: number) => `${count} models`
export const contradictsItsRegulation2 = ' contradicts its regulation: '

// UnitForm
export const itsWholeHistoryIsKnown = 'Its whole history is known'
export const itWasInACrash = 'It was in a crash'
export const itIsRecalled = 'It is recalled'
export const itIsComplete = 'It is complete'
export const notKnown = 'not known'
export const yes = 'yes'
export const no = 'no'
export const isNeeded = 'is needed'
export const serialNumber = 'Serial number'
export const shelf = 'Shelf'
export const madeOn = 'Made on'
export const lifeEndsOnWhereThe = 'Life ends on, where the unit says so'
export const itsHarness = 'Its harness'
export const notLookedAt = 'not looked at'
export const inPlace = 'in place'
export const stowedForUseWithThe = 'stowed, for use with the car’s belt'
export const whichWayItStands = 'Which way it stands'
export const whichPartOfIt = 'Which part of it'
export const theWholeSetOneSerial = 'the whole set, one serial'
export const note = 'Note'
export const notForUseWasStarted = (job: string, since: string) =>
  `Not for use: “${job}” was started on ${since} and is not checked yet. Finish it from Today.`
export const saveThisUnit = 'Save this unit'
export const removeThisUnit = 'Remove this unit'

// Units
export const unitsOnTheShelf = 'Units on the shelf'
export const addAUnit = ' Add a unit'
export const noneTheModelIsIn = 'None: the model is in the catalogue only, and is never ready to travel without a unit.'
export const noShelfNamed = 'no shelf named'
export const newUnit = 'New unit'

// ModelPage
export const nimbleAnchor = (value: string) => `${value} · Nimble Anchor`
export const theServerDoesNotAnswer2 = 'The server does not answer.'
export const loading = 'Loading.'
export const thereIsNoSuchRestraint = 'There is no such restraint'
export const allRestraints = 'All restraints'
export const editFromTheManual = ' Edit from the manual'
export const contradictsItsRegulation3 = 'Contradicts its regulation'
export const whomItTakesAndHow = 'Whom it takes, and how it is fixed'
export const notReadYetAskedAt = 'Not read yet: asked at each fitting'
export const massNotKnownYet = 'mass not known yet'
export const lifeNotKnownYet = 'life not known yet'
export const mayBeUsedForYears = (lifeYears: number) => `may be used for ${lifeYears} years`
export const un = (regulation: string, series: string, groups: string) => `UN ${regulation}/${series}${groups}`

// specs
export const maker = 'Maker'
export const name = 'Name'
export const massOfTheRestraint = 'Mass of the restraint'
export const mayBeUsedFor = 'May be used for'
export const badgesBeyondTheApprovalIn = 'Badges beyond the approval, in single words'
export const changesDirectionBy = 'Changes direction by'
export const turningOnItsBase = 'turning on its base'
export const liftingOffSettingRound = 'lifting off, setting round'
export const installingItAgain = 'installing it again'
export const variant = 'Variant'
export const variantMadeFromDay = 'Variant made from (day)'
export const variantMadeUntilDay = 'Variant made until (day)'
export const nameOfTheMode = 'Name of the mode'
export const shape = 'Shape'
export const infantShell = 'infant shell'
export const boosterWithABack = 'booster with a back'
export const boosterCushion = 'booster cushion'
export const direction = 'Direction'
export const childHeldBy = 'Child held by'
export const itsOwnHarness = 'its own harness'
export const aShield = 'a shield'
export const theCarsBelt = 'the car’s belt'
export const series = 'Series'
export const yearOnTheLabel = 'Year on the label'
export const massFrom = 'Mass from'
export const massTo = 'Mass to'
export const statureFrom = 'Stature from'
export const statureTo = 'Stature to'
export const ageFrom = 'Age from'
export const ageTo = 'Age to'
export const printedAboutFromBindsNothing = 'Printed “about” from (binds nothing)'
export const printedAboutToBindsNothing = 'Printed “about” to (binds nothing)'
export const headRule = 'Head rule'
export const shellEdgeAboveTheSeat = 'Shell edge above the seat'
export const width = 'Width'
export const shellLength = 'Shell length'
export const footFromTheBackrest = 'Foot from the backrest'
export const seatSurfaceAboveTheCars = 'Seat surface above the car’s cushion'
export const shellSlidesOnItsBase = 'Shell slides on its base by'
export const podForTheDoorSide = 'Pod for the door side'
export const guideBetweenTheLegsBoosters = 'Guide between the legs (boosters)'
export const widerWithACupHolder = 'Wider with a cup holder or pod, on the'
export const widerBy = 'Wider by'
export const shellAngleFrom = 'Shell angle from'
export const shellAngleTo = 'Shell angle to'
export const harnessSlackFrom = 'Harness slack from'
export const harnessSlackTo = 'Harness slack to'
export const movementAtTheBaseTo = 'Movement at the base, to'
export const headBelowTheEdgeBy = 'Head below the edge by'
export const beltGuideAboveTheShoulder = 'Belt guide above the shoulder from'
export const beltGuideAboveTheShoulderTo = 'Belt guide above the shoulder to'
export const beltGuideGoesFrom = 'Belt guide goes from'
export const beltGuideGoesTo = 'Belt guide goes to'
export const makersProofOfTheAngle = 'Maker’s proof of the angle'
export const shownBy = 'Shown by'
export const aLevelLine = 'a level line'
export const anIndicator = 'an indicator'
export const aFixedBase = 'a fixed base'
export const whatItShowsWhenGood = 'What it shows when good'
export const wedge = 'Wedge'
export const allowedWithThisMode = 'Allowed with this mode'
export const height = 'Height'
export const baseItLiesUnder = 'Base it lies under'
export const turnsOnItsBase = 'Turns on its base'
export const aGuardKeepsItFrom = 'A guard keeps it from facing forward'
export const theChildIsPutIn = 'The child is put in with the shell turned to the door'
export const furthestCornerFromWhatIt = 'Furthest corner from what it turns about'
export const carryingHandle = 'Carrying handle'
export const whileTravelling = 'While travelling'
export const strapRuleWhereNotThe = 'Strap rule, where not the usual'
export const gauge = 'Gauge'
export const gaugeAboveTheStrapExit = 'Gauge above the strap exit'
export const exitOffTheShoulderAt = 'Exit off the shoulder at most'
export const notReadYetOrNone = 'not read yet, or none'
export const followsTheHeadSupport = 'follows the head support'
export const slotHeightsInMmSpaces = 'Slot heights in mm, spaces between'
export const lowestStrapExit = 'Lowest strap exit'
export const highestStrapExit = 'Highest strap exit'
export const position = 'Position'
export const angleOnALevelSeat = 'Angle on a level seat'
export const flatterInTheCarUntil = 'Flatter in the car until'
export const insert = 'Insert'
export const liftsTheChildBy = 'Lifts the child by'
export const requiredUntil = 'Required until'
export const allowedUntil = 'Allowed until'
export const nameOfTheRoute = 'Name of the route'
export const approval = 'Approval'
export const semiUniversalCarsOnA = 'semi-universal: cars on a list'
export const forNamedCars = 'for named cars'
export const envelope = 'Envelope'
export const seatOrDashboardBeforeIt = 'Seat or dashboard before it'
export const goesOnABaseThat = 'Goes on a base that stays in the car'
export const childMaySitInIt = 'Child may sit in it first'
export const makerAcceptsAGapBehind = 'Maker accepts a gap behind the base'
export const makerAcceptsAGapUnder = 'Maker accepts a gap under the base'
export const heldAgainstRotationByNeither = 'Held against rotation by (neither leg nor tether)'
export const manualAirbagBeforeAForward = 'Manual: airbag before a forward child in front'
export const manualVehicleHeadRestraint = 'Manual: vehicle head restraint'
export const placesItTakes1Or = 'Places it takes, 1 or 2'
export const isofix = 'ISOFIX'
export const connectors = 'Connectors'
export const they = 'They'
export const holdTheRestraint = 'hold the restraint'
export const onlySteadyIt = 'only steady it'
export const pushedHome = 'Pushed home'
export const armsMayRunBackIn = 'Arms may run back in'
export const armsCreepInOnThe = 'Arms creep in on the road'
export const supportLeg = 'Support leg'
export const shortest = 'Shortest'
export const longest = 'Longest'
export const notches = 'Notches'
export const hingeAboveTheCushionsEdge = 'Hinge above the cushion’s edge'
export const fromVertical = 'From vertical'
export const mayLiftTheBaseBy = 'May lift the base by'
export const matMayStayUnderThe = 'Mat may stay under the foot'
export const topTether = 'Top tether'
export const use = 'Use'
export const pastTheHeadRestraint = 'Past the head restraint'
export const indicatorShowsAtLeast = 'Indicator shows at least'
export const atMost = 'at most'
export const vehicleBelt = 'Vehicle belt'
export const beltNeeded = 'Belt needed'
export const beltItTakes = 'Belt it takes'
export const pathEdgeAboveTheBight = 'Path edge above the bight'
export const mayStandSidewaysOffThe = 'May stand sideways off the middle by'
export const lockedBy = 'Locked by'
export const lockOffOnTheRestraint = 'lock-off on the restraint'
export const looseClip = 'loose clip'
export const switchableRetractor = 'switchable retractor'
export const tensionAlone = 'tension alone'
export const notLockedABooster = 'not locked: a booster'
export const lockOrClipOnThe = 'Lock or clip on the'
export const lockOffAtThe = 'Lock-off at the'
export const clipFromTheTongue = 'Clip from the tongue'
export const reboundBar = 'Rebound bar'
export const withARatchet = 'With a ratchet'
export const limitsOfThisRouteAlone = 'Limits of this route alone'
export const lowerTethers = 'Lower tethers'
export const length = 'Length'
export const lead = 'Lead'
export const aFixedRunner = 'a fixed runner'
export const theMovingFrameOfThe = 'the moving frame of the seat'
export const aRing = 'a ring'
export const aLegOfTheSeat = 'a leg of the seat'
export const section = 'Section'
export const mark = 'Mark'
export const side = 'Side'
export const how = 'How'
export const beltOfThePlaceAt = 'Belt of the place at the'
export const whatToDo = 'What to do'
export const after = 'After'
export const insteadOf = 'Instead of'
export const onlyBefore = 'Only before'
export const whatShowsThatItIs = 'What shows that it is done'
export const itShowsBy = 'It shows by'
export const itShowsOnThe = 'It shows on the'
export const setting = 'Setting'
export const outsideWidthWithIt = 'Outside width with it'
export const roomInsideAtTheShoulders = 'Room inside, at the shoulders'
export const whatItShows = 'What it shows'
export const by = 'By'
export const part = 'Part'
export const itIsABase = 'It is a base'

// side-fields
export const hipsAtTheBackrest = 'hips, at the backrest'
export const hipsInFront = 'hips, in front'
export const shouldersAtTheBackrest = 'shoulders, at the backrest'
export const shouldersInFront = 'shoulders, in front'
export const headAtTheBackrest = 'head, at the backrest'
export const headInFront = 'head, in front'
export const widestAtThe = 'Widest at the'
export const aChildCanBeLifted = 'A child can be lifted past it while it is empty'
export const leftOfItsMiddle = (pointWords: string) => `Left of its middle, ${pointWords}`
export const rightOfItsMiddle = (pointWords: string) => `Right of its middle, ${pointWords}`

// labels
export const signOfTheTurningLock = 'sign of the turning lock'
export const signOfTheIsofix = 'sign of the ISOFIX'
export const signOfTheSupportLeg = 'sign of the support leg'
export const signOfTheLowerTethers = 'sign of the lower tethers'
export const reclinePosition = 'recline position'
export const widthSetting = 'width setting'
export const modes = 'Modes'
export const partsThatComeApart = 'Parts that come apart'
export const approvedTo = 'Approved to'
export const routes = 'Routes'
export const reclinePositionsPermitted = 'Recline positions permitted'
export const setBeforeItIsPlaced = 'Set before it is placed'
export const stepsOfTheMakersOwn = 'Steps of the maker’s own'
export const itsOtherHalf = 'Its other half'
export const onlyWhileThisPieceIs = 'Only while this piece is in'
export const usualStepsInTheMakers = 'Usual steps in the maker’s own order'
export const lookedAtAgainAfterA = 'Looked at again after a change'
export const shoulderStrapsAdjustedBy = 'Shoulder straps, adjusted by'

// ModelCheck
export const asItWillStand = 'As it will stand'
export const compareWithTheLabelAnd = 'Compare with the label and the manual; until then it is never ready to travel.'
export const withinItsRegulation = 'Within its regulation'
export const onAMadeUpSeat = (label: string) => `${label}, on a made-up seat`
export const noModeOfItTakes = (join: string) => `No mode of it takes a child ${join}.`

// MakerSteps
export const itsOtherHalfNotTo = 'Its other half, not to be forgotten'
export const addAStep = 'Add a step'
export const stepsOfTheMakersOwnBeside = 'Steps of the maker’s own, beside the usual'
export const noUsualStep = (id: string) => `“${id}”, no usual step`
export const earlier = (titleOf: string) => `${titleOf}: earlier`
export const later = (titleOf: string) => `${titleOf}: later`
export const remove = 'Remove'
export const outOfTheOrder = (titleOf: string) => `${titleOf}: out of the order`
export const anOrderNeedsASecond = 'An order needs a second step.'
export const onlyWhereTheManualHas = 'Only where the manual has another order: the first'
export const then = 'Then'
export const chooseAStep = 'choose a step'

// Conversions
export const notNamedYet = 'not named yet'
export const noneReadYetAJob = 'None read yet: a job that converts it then has the usual steps alone.'
export const conversion = (value: number) => `Conversion ${value}`
export const from = 'From'
export const to = 'To'
export const removeThisConversion = 'Remove this conversion'
export const stepsInTheirOrderConversion = (value: number) => `Steps, in their order: conversion ${value}`
export const addAConversion = 'Add a conversion'

// ApprovedPlaces
export const notReadYet = 'not read yet'
export const ofCarsRead = (count: number, count2: number) => `${count} of ${count2} cars read`
export const theMakersListOfCars = (word: string) => `The maker’s list of cars: ${word}`
export const noCarIsKnownYet = 'No car is known yet: enter one first.'
export const onTheList = 'on the list'
export const notOnTheList = 'not on the list'

// MakerEdges
export const step = (title: string) => `Step: ${title}`
export const makersStep = (text: string) => `Maker’s step: ${text}`
export const lookedAtAgainAfterAChange = 'Looked at again after a change, where the maker says other than usual'
export const once = 'Once'
export const lookAgainAt = 'Look again at'
export const removeOnce = (changeText: string) => `Remove: once ${changeText}`
export const addAChangeItBegins = 'Add a change; it begins with what is usual'
export const chooseAChange = 'choose a change'

// ModeForm
export const readTheLabel = 'read the label'
export const unR129ByStature = 'UN R129, by stature'
export const unR44ByMass = 'UN R44, by mass'
export const shoulderStraps = 'Shoulder straps'
export const adjustedBy = 'Adjusted by'
export const theModesOwnRangesThey = 'The mode’s own ranges; they win over the group'
export const headAndShell = 'Head and shell'
export const settingsThatWidenIt = 'Settings that widen it'
export const addAWidthSetting = 'Add a width setting'
export const besideANeighbourLeftAnd = 'Beside a neighbour: left and right of the car; 0 and 0 where nothing stands'
export const whatShowsThatItIsTurned = 'What shows that it is turned and locked'
export const addASign = 'Add a sign'
export const reclinePositions = 'Recline positions'
export const addAReclinePosition = 'Add a recline position'
export const insertsInTheOrderThey = 'Inserts, in the order they come out'
export const addAnInsert = 'Add an insert'
export const theMakersOwnFiguresThey = 'The maker’s own figures; they win over any school'
export const reclinePositionsPermittedHere = 'Recline positions permitted here'
export const beltPathInTheOrder = 'Belt path, in the order the belt meets it'
export const addAGuide = 'Add a guide'
export const whatShowsThatItHolds = (label: string) => `What shows that it holds: ${label}`
export const setBeforeItIsPlacedOut = 'Set before it is placed, out of reach later'
export const addASetting = 'Add a setting'

// ModelForm
export const copy = (value: string) => `${value}, copy`
export const model = 'Model'
export const partsThatComeApartShell = 'Parts that come apart, shell and base'
export const addAPart = 'Add a part'
export const whomItTakes = 'Whom it takes'
export const partsOfTheMode = (name: string) => `Parts of the mode ${name}`
export const copy2 = (name: string) => `Copy ${name}`
export const remove2 = (name: string) => `Remove ${name}`
export const strapsHeadShell = 'Straps, head, shell'
export const reclineInsertsFigures = 'Recline, inserts, figures'
export const route = (value: string) => `Route: ${value}`
export const addARouteToThis = 'Add a route to this mode'
export const removeThisRoute = 'Remove this route'
export const conversions = 'Conversions'
export const addAMode = 'Add a mode'
export const theWholeEntry = 'The whole entry'
export const inFullAsJson = 'In full, as JSON'
export const mustBeOneRestraintWith = 'Must be one restraint with its "modes", each with its "routes".'
export const withoutEditing = 'Without editing'
export const saveThisRestraint = 'Save this restraint'
export const partsOfThisRestraint = 'Parts of this restraint'
export const preview = 'Preview'

// UnitPage
export const thereIsNoSuchUnit = 'There is no such unit'
export const changeWhatIsKnown = ' Change what is known'
export const recalled = 'Recalled.'
export const findTheFamiliesWhoWere = 'Find the families who were handed it'
export const whatIsKnownOfIt = 'What is known of it'
export const jobs = 'Jobs'
export const noneYet = 'None yet.'
export const whereItHasBeen = 'Where it has been'
export const n1Fitting = '1 fitting'
export const itWasInNoCar = 'It was in no car yet.'
export const noCarYet = 'no car yet'
export const unit = (serial: string) => `Unit ${serial}`
export const unitRemoved = (serial: string) => `Unit ${serial} removed.`
export const undo = 'Undo'
export const notKnownYet = 'not known yet'
export const made = 'Made'
export const lifeEnds = 'Life ends'
export const history = 'History'
export const notKnownNotForUse = 'not known: not for use'
export const crash = 'Crash'
export const wasInOneNotFor = 'was in one: not for use'
export const recall = 'Recall'
export const recalledNotForUse = 'recalled: not for use'
export const parts = 'Parts'
export const missingNotForUse = 'missing: not for use'
export const whichPart = 'Which part'
export const harness = 'Harness'
export const stands = 'Stands'

// ImportDialog
export const entry = 'entry'
export const entries = 'entries'
export const theFile = 'the file'

// ModelPage
export const restraint = 'Restraint'

// ModelCheck
export const betweenAnd = (formatNumber: string, formatNumber2: string, value: string) =>
  `between ${formatNumber} and ${formatNumber2} ${value}`

// UnitPage
export const unit2 = 'Unit'

// ModelCheck
export const kg = 'kg'
export const cm = 'cm'

// specs
export const mass = 'Mass'

// UnitPage
export const allFittings = (total: number) => `All ${total} fittings`

// unitState
export const soundUntil = (end: string) => `sound, may be used until ${end}`

export const orWord = 'or'
export const crashWord = 'crash'
export const recallWord = 'recall'
export const recalledWord = 'recalled'
export const completeness = 'completeness'
export const historyWord = 'history'

// specs
export const groups = 'Groups'
export const clipNeededWithARetractor = 'Clip needed with a retractor that is'
export const mayBeFastenedTo = 'May be fastened to'
export const modeNumber = (number: number) => `Mode ${number}`

// labels: one of several, before its number
export const modeItem = 'mode'
export const routeItem = 'route'
export const guideItem = 'guide'
export const stepItem = 'step'
export const insertItem = 'insert'
export const conversionItem = 'conversion'
export const partItem = 'part'
