/** What the screens of this folder say, in English. */

// closedWord
export const handedOver = 'Handed over'

// refusal
export const thatDidNotWork = 'That did not work.'

// Dialog
export const close = 'Close'

// childSummary
export const notWeighed = 'not weighed'
export const notMeasured = 'not measured'

// DateBox
export const pickFromACalendar = 'Pick from a calendar'
export const opening = 'Opening.'

// DateField
export const mustBeADayAs = (dayPattern: string) => `must be a day as ${dayPattern}`

// TimeField
export const mustBeATimeAs = 'must be a time as hh:mm'

// ErrorBoundary
export const thisPartOfTheProgram = 'This part of the program did not arrive'
export const thisPartOfTheProgramHas = 'This part of the program has failed'
export const theServerDoesNotAnswer = 'The server does not answer. What was entered and typed is kept on this device.'
export const whatWasEnteredAndTyped =
  'What was entered and typed is kept. If it fails again, go on elsewhere and tell whoever looks after it.'
export const tryAgain = 'Try again'
export const itDoesNotAnswerYet = 'It does not answer yet.'

// MeanwhileDialog
export const wasChangedMeanwhile = (title: string) => `${title} was changed meanwhile`
export const backToWhatITyped = 'Back to what I typed'
export const leaveTheirs = 'Leave theirs'
export const keepMine = 'Keep mine'
export const field = 'Field'
export const theirsKeptByNow = 'Theirs, saved meanwhile'
export const yours = 'Yours'
export const andMore = (more: number) => `and ${more} more`

// QuantityField
export const mustBeANumberOf = (label: string, unit: string) => `${label} must be a number of ${unit}, such as 10.4`
export const mustBeANumberOfSuch = (label: string, unit: string) =>
  `${label} ± must be a number of ${unit}, such as 0.5`
export const source = (label: string) => `${label}, source`
export const plusOrMinus = (label: string) => `${label}, plus or minus`

// Explain
export const why = 'Why'

// saveFile
export const wasNotMadeTheServer = (name: string) => `${name} was not made: the server does not answer. Try again.`

// FileButton
export const isBeingMade = (name: string) => `${name} is being made`

// copyText
export const copied = 'Copied.'
export const theBrowserDidNotLet = 'The browser did not let it be copied.'

// WorkProgress
export const stop = 'Stop'

// SignaturePad
export const clear = 'Clear'
export const clear2 = (label: string) => `Clear: ${label}`
export const nothingDrawn = (label: string) => `${label}: nothing drawn`
export const drawn = (label: string) => `${label}: drawn`

// PickMany
export const noLongerThere = (c: string) => `“${c}”, no longer there`
export const find = (label: string) => `Find: ${label}`
export const noneOfThatName = 'None of that name.'

// FilterChip
export const removeTheFilter = (label: string) => `Remove the filter: ${label}`
export const nothingToChooseFromYet = 'Nothing to choose from yet.'

// Gallery
export const notKnownYet = 'not known yet'
export const held = 'held'
export const cameOff = 'came off'
export const controls = 'Controls'
export const notNow = (look: string) => `${look}, not now`
export const tug = 'Tug'
export const tugClosed = 'Tug, closed'
export const nothingChosen = 'Nothing chosen'
export const choose = 'choose'
export const closed = 'Closed'
export const onTheShelf = 'on the shelf'
export const closed2 = 'closed'
export const startsWith = 'Starts with'
export const plate = 'Plate'
export const plateRefused = 'Plate, refused'
export const mustBeGiven = 'must be given'
export const height = 'Height'
export const note = 'Note'
export const findByName = 'Find by name'
export const day = 'Day'
export const time = 'Time'
export const forecast = 'Forecast'
export const readingUnitsCsvRowBy = 'Reading units.csv, row by row'
export const twelveOfForty = 'Twelve of forty.'
export const inFigures = 'In figures'
export const dialog = 'Dialog'
export const itsWords = 'Its words.'
export const aDialog = 'A dialog'

/** What each state of a mark is called. */
export const MARK_WORD = {
  pass: 'pass',
  fail: 'fail',
  undecided: 'undecided',
  stale: 'stale',
  'not-started': 'not started',
} as const

/** How a day is typed, to show in an empty field. */
export const DATE_PART = { day: 'dd', month: 'mm', year: 'yyyy' } as const

export const tilesAndLists = 'Tiles and lists'
export const boxesAndDots = 'Boxes and dots'
/** How a time is typed, to show in an empty field. */
export const TIME_PATTERN = 'hh:mm'
