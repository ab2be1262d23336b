/** What the screens of this folder say, in English. */

// ways
export const notOnTheShelf = ', not on the shelf'

// RoadChart
export const child = 'Child'
export const now = 'now'
export const nothing = 'nothing'
export const beingWorkedOut = 'being worked out'
export const nothingIsKnownAhead = 'nothing is known ahead'
export const dueThen = ' to do'
export const ends = ' ends'
export const eightChildrenInTen = ' eight children in ten'
export const couldBeUsedAlready = ' could be used already'
export const nothingServes = ' nothing serves'

// RoadAhead
export const whatChangesNext = 'What changes next'
export const calendar = ' Calendar'
export const theServerDoesNotAnswer = 'The server does not answer; what is ahead is worked out there.'
export const workingItOut = 'Working it out.'
export const chooseARestraintModeThen = 'Choose a restraint mode; then this says what is due and when.'
export const countedFromByWhatWas = (dayText: string) =>
  `Counted from ${dayText}, by what was measured then: a new fitting knows more.`
export const theYearsAhead = 'The years ahead'
export const fromTheShelf = 'From the shelf'
export const thisFitting = 'This fitting'
export const forecastMonthsAreForA =
  'Forecast months are for a child that grows as most do, of what is known today. Measure again and look before them.'
export const afterThis = 'After this:'
export const nothingFrom = (value: string, monthText: string, value2: string) =>
  `nothing ${value} from ${monthText}${value2}`
export const from = (text: string, monthText: string, value: string) => `${text}, from ${monthText}${value}`
export const withEverythingInTheCatalogue = 'With everything in the catalogue'
export const lookingThroughTheCatalogue = 'Looking through the catalogue'
export const fromTheShelfOnly = 'From the shelf only'
export const theServerDoesNotAnswerTry = 'The server does not answer; try again.'
export const fromTheCatalogue = 'From the catalogue'
export const oneAfterAnother = (from: string) => `${from}, one after another`
export const asYourProfileAsks = (from: string) => `${from}, as your profile asks`
export const withTheFewestRestraints = (from: string) => `${from}, with the fewest restraints`
export const restraint = 'restraint'
export const restraints = 'restraints'
export const hide = 'Hide'
export const show = 'Show'
export const onwards = 'onwards'
export const to = (monthText: string) => `to ${monthText}`
export const nothing2 = (span: string) => `nothing ${span}`
export const possibleFrom = (monthText: string) => `, possible from ${monthText}`
export const ifTheUnitIsFound = ', if the unit is found sound:'
export const whatIsNotKnownOf = 'what is not known of it'
export const onTheShelf = 'on the shelf'
export const inTheCatalogue = 'in the catalogue'
export const to2 = (monthText: string) => ` to ${monthText}`
export const itMightBeUsedFrom = (monthText: string) => `; it might be used from ${monthText}`
