/** What the screens of this folder say, in English. */

// ImportDialog
export const isNotJson = (name: string, message: string) => `${name} is not JSON: ${message}`
export const notRead = 'Not read.'
export const importedFrom = (fresh: number, noun: string, source: string) => `${fresh} ${noun} imported from ${source}.`
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
  `, ${rejected} rejected: nothing can be imported until they are corrected`
export const rowsOfTheFile = 'Rows of the file'
export const contradictsItsRegulation = (lint: string) => ` contradicts its regulation, ${lint}`
export const andMore = (count: number) => `and ${count} more`
export const importing = 'Importing'
export const importWord = (fresh: number) => `Import ${fresh}`
export const leaveEverythingAsItIs = 'Leave everything as it is'
export const importingAllOfItOr = 'Importing, all of it or nothing'
export const theShelfKnowsOfIt = (what: string) => ` The shelf knows of it: ${what}. The file says something else.`
export const believeTheFileThisIs = 'Use the file: the shelf is corrected'
export const believeTheFileAbout = (id: string) => `Use the file for ${id}`
export const entry = 'entry'
export const entries = 'entries'
export const theFile = 'the file'

// unitState
export const wasInACrash = 'was in a crash'
export const notCheckedSince = (since: string, job: string) => `not checked since ${since} (${job})`
export const partsMissing = 'parts missing'
export const historyUnknown = 'history unknown'
export const itsLifeEndedOn = (end: string) => `its life ended on ${end}`
export const endOfLife = 'end of life'
export const notRecorded = (open: string) => `not recorded: ${open}`
export const soundUntil = (end: string) => `sound, may be used until ${end}`

export const crashWord = 'crash'
export const recallWord = 'recall'
export const recalledWord = 'recalled'
export const completeness = 'completeness'
export const historyWord = 'history'

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
export const contradictsItsRegulation2 = (what: string) => `contradicts its regulation: ${what}`

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
export const nimbleAnchor = (name: string) => `${name} · Nimble Anchor`
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
export const restraint = 'Restraint'

// specs
export const modeNumber = (number: number) => `Mode ${number}`

// labels: one of several, before its number
export const modeItem = 'mode'
export const routeItem = 'route'
export const guideItem = 'guide'
export const stepItem = 'step'
export const insertItem = 'insert'
export const conversionItem = 'conversion'
export const partItem = 'part'

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
export const noModeOfItTakes = (ranges: string) => `No mode of it takes a child ${ranges}.`
export const betweenAnd = (from: string, to: string, unit: string) => `between ${from} and ${to} ${unit}`
export const kg = 'kg'
export const cm = 'cm'

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
export const conversion = (number: number) => `Conversion ${number}`
export const from = 'From'
export const to = 'To'
export const removeThisConversion = 'Remove this conversion'
export const stepsInTheirOrderConversion = (number: number) => `Steps, in their order: conversion ${number}`
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
export const copy = (name: string) => `${name}, copy`
export const model = 'Model'
export const partsThatComeApartShell = 'Parts that come apart, shell and base'
export const addAPart = 'Add a part'
export const whomItTakes = 'Whom it takes'
export const partsOfTheMode = (name: string) => `Parts of the mode ${name}`
export const copy2 = (name: string) => `Copy ${name}`
export const remove2 = (name: string) => `Remove ${name}`
export const strapsHeadShell = 'Straps, head, shell'
export const reclineInsertsFigures = 'Recline, inserts, figures'
export const route = (name: string) => `Route: ${name}`
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
export const known = 'known'
export const none = 'none'
export const complete = 'complete'
export const stowed = 'stowed'
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
export const unit2 = 'Unit'
export const allFittings = (total: number) => `All ${total} fittings`
