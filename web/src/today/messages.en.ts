/** What the screens of this folder say, in English. */

// Beginning
export const nothingIsHereYet = 'Nothing is here yet'
export const yourOwnBay = 'Your own bay'
export const fromItsManualOrImport = 'from its manual, or import a list.'
export const enterARestraint = 'Enter a restraint'
export const fromItsHandbookPlacesBelts = 'from its handbook: places, belts, ISOFIX, floor.'
export const enterACar = 'Enter a car'
export const beginTheFirstFittingThe = 'Begin the first fitting; the child is added with it.'
export const lookAroundFirst = 'Look around first'
export const aSaturdayAtAMade =
  'A Saturday at a made-up bay in full swing, with a season behind it. It goes in one press.'
export const loadingTheDemo = 'Loading the demo'
export const loadTheDemo = 'Load the demo'

// DuePanels
export const due = 'Due'
export const beingWorkedOutLeft = (waiting: number) => `being worked out: ${waiting} left`
export const andWithinAFortnight = 'and within a fortnight'
export const atTheEarliest = ', at the earliest'
export const showAll = (count: number) => `Show all ${count}`
export const jobsOnRestraints = 'Jobs on restraints'
export const notForUseUntilIt = '; not for use until it is done'

// NewFittingDialog
export const newFitting = 'New fitting'
export const theServerDoesNotAnswer = 'The server does not answer.'
export const chooseAChildOrAdd = 'Choose a child, or add one.'
export const typeTheFirstNameOf = 'Type the first name of the child.'
export const theServerDoesNotAnswerClose = 'The server does not answer. Close this and try again.'
export const child = 'Child'
export const firstName = 'First name'
export const familyName = 'Family name'
export const findAChildByName = 'Find a child by name'
export const findByName = 'Find by name'
export const loading = 'Loading.'
export const add = (nameOf: string) => `Add ${nameOf}`
export const addAChild = 'Add a child'
export const aNewChildAName = 'a new child: a name is enough, the rest is measured'
export const car = 'Car'
export const itCanAlsoBeChosen = 'It can also be chosen later, at Place.'
export const itCameAlreadyFitted = 'It came already fitted'
export const lookFirstThenPutRight = '(check first, then correct: the logbook counts what was wrong)'
export const cancel = 'Cancel'
export const begin = 'Begin'

// VisitDialog
export const onWhichDayADay = 'On which day? A day is needed.'
export const atWhatTimeATime = 'At what time? A time is needed.'
export const whoComesANameIs = 'Who comes? A name is needed.'
export const walkIn = 'Walk-in'
export const bookAVisit = 'Book a visit'
export const visitOf = (who: string) => `Visit of ${who}`
export const arrangeTheFamilyInOne = 'Arrange the family in one car'
export const day = 'Day'
export const time = 'Time'
export const childIfKnown = 'Child, if known'
export const notKnownYet = 'not known yet'
export const carIfKnown = 'Car, if known'
export const whoComes = 'Who comes'
export const note = 'Note'
export const save = 'Save'
export const takeOffTheQueue = 'Take off the queue'

// Queue
export const didNotCome = 'did not come'
export const theVisitOf = (who: string) => `The visit of ${who}`
export const walkInNoteAFamily = 'Walk-in: note a family that comes'
export const doWord = 'Do'
export const theFittingOfWasBegun = (who: string) => `The fitting of ${who} was begun on another device: here it is.`
export const queue = 'Queue'
export const noteAWalkIn = ' Note a walk-in'
export const bookAVisit2 = ' Book a visit'
export const aWalkIn = 'walk-in'
export const nobodyIsBookedForToday = 'Nobody is booked for today. Note walk-ins as they come.'
export const changeTheVisitOf = (nameOf: string) => `Change the visit of ${nameOf}`
export const whereStands = (who: string) => `Where ${who} stands`
export const open = 'Open'
export const openTheFittingOf = (who: string) => `Open the fitting of ${who}`
export const beginTheFittingOf = (who: string) => `Begin the fitting of ${who}`
export const takenOffTheQueue = 'Taken off the queue.'
export const undo = 'Undo'

// TodayPage
export const todayNimbleAnchor = 'Today · Nimble Anchor'
export const today = 'Today'
export const newFitting2 = ' New fitting'
export const theServerDoesNotAnswer2 = 'The server does not answer'
export const nothingIsLostWhatYou = 'Nothing is lost: what you entered waits on this device.'
export const tryAgain = 'Try again'
export const notSigned = 'Not signed'
export const open2 = (count: number) => `${count} open`
export const noFittingIsOpen = 'No fitting is open.'
export const nothingButWhatTheQueue = 'Nothing but what the queue shows.'
export const closedToday = 'Closed today'
export const passedToYou = ' passed to you'
export const noRestraintYet = 'no restraint yet'
export const noCarYet = 'no car yet'
export const revision = 'revision'
export const signedElsewhereJudgedHere = 'signed elsewhere, judged here'
export const cameAlreadyFitted = 'came already fitted'
export const onThisDeviceOpenIt = ' on this device; open it to save.'
export const n1EntryWaits = '1 entry waits'
export const entriesWait = (waiting: number) => `${waiting} entries wait`
export const openACaseFile = 'Open a case file'
export const isNotAJsonFile = (name: string) => `${name} is not a JSON file.`
export const notImported = 'Not imported.'
export const caseFile = 'Case file'
export const openACaseFile2 = ' Open a case file'
export const whichChildIsThis = 'Which child is this?'
export const leaveIt = 'Leave it'
export const anotherChild = 'Another child'
export const theFile = 'The file'
export const theSameChild = 'The same child'
export const theRecordThatIsKnown =
  'The record that is known here stays as it is either way. Another child gets a record of its own.'
