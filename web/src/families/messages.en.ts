/** What the screens of this folder say, in English. */

// FamiliesPage
export const familiesNimbleAnchor = 'Families · Nimble Anchor'
export const families = 'Families'
export const findAFamilyOrA = 'Find a family or a child'
export const ofWord = (count: number, count2: number) => `${count} of ${count2}`
export const loading = 'Loading.'
export const theServerDoesNotAnswer = 'The server does not answer.'
export const tryAgain = 'Try again'
export const noFamilyOfThatName = 'No family of that name.'
export const noFamilyYetAChild = 'No family yet: a child is added when its first fitting begins.'
export const noChild = 'no child'
export const nothingFittedYet = 'nothing fitted yet'
export const last = (fittings: number, noun: string, day: string) => `${fittings} ${noun}, last ${day}`
export const fitting = 'fitting'
export const fittings = 'fittings'

// ChildrenAhead
export const aheadAsMeasured = (dayOf: string) => `ahead as measured ${dayOf}`
export const roadAhead = (nameOf: string) => `Road ahead: ${nameOf}`
export const nothingWasFittedYet = 'nothing was fitted yet'
export const theServerDoesNotAnswer2 = 'the server does not answer'
export const theYearsAheadWithWhat = 'The years ahead, with what the shelf holds'
export const noChildOfThisFamily = 'No child of this family is known.'
export const theYearsAheadOfEach = 'The years ahead of each child'
export const growth = 'Growth'
export const notOfThisFamily = 'Not of this family'
export const notOfThisFamily2 = (nameOf: string) => `Not of this family: ${nameOf}`
export const standsInAFamilyOf = (nameOf: string) => `${nameOf} stands in a family of its own now.`
export const undo = 'Undo'

// EarlierReadings
export const notMeasuredAtAFitting = 'Not measured at a fitting yet.'
export const day = 'Day'
export const mass = 'Mass'
export const stature = 'Stature'
export const notWeighed = 'not weighed'
export const notMeasured = 'not measured'

// Keeping
export const erasedFittings = (name: string, erased: number, rest: string) =>
  `Erased: ${name}, ${erased} fittings${rest}.`
export const exportEverything = ' Export everything'
export const eraseThisFamily = ' Erase this family'
export const erase = (name: string) => `Erase ${name}`
export const measuresFittingsWithTheirWhole =
  'Measures, fittings with their whole history, and what the carer found at home stay on this machine.'
export const andFittingsWithTheirHistories = (count: number) =>
  ` and ${count} fittings with their histories go, and cannot be brought back. Export them first if somebody may ask.`
export const child = 'child'
export const children = 'children'
export const aListOfTheirIds = 'A list of their ids stays, without a word about them.'
export const aCopyThatWasMade =
  'A copy that was made before is freed of them by that list, before it is served; old copies go after 30 days.'
export const anotherDeviceLetsGoOf = 'Another device lets go of what it still keeps the next time it is here.'
export const typeToConfirm = (name: string) => `Type ${name} to confirm`
export const eraseForGood = 'Erase for good'
export const cancel = 'Cancel'
export const photosOfThisDevice = (photos: number) => `, ${photos} photos of this device`

// NoteForm
export const needsAName = 'needs a name'
export const nameAndNoteOfThe = 'name and note of the family'
export const theNoteOn = (name: string) => `The note on ${name}`
export const family = 'Family'
export const note = 'Note'
export const save = 'Save'

// Rides
export const noneYet = 'None yet.'
export const noCarYet = 'no car yet'
export const theWholeRide = 'The whole ride'
export const noRestraintYet = 'no restraint yet'
export const revision = ' · revision'

// FamilyPage
export const familyNimbleAnchor = 'Family · Nimble Anchor'
export const thereIsNoSuchFamily = 'There is no such family'
export const allFamilies = 'All families'
export const theServerDoesNotAnswerLoad = 'The server does not answer. Load the page again in a moment.'
export const arrangeInOneCar = ' Arrange in one car'
export const nameAndNote = ' Name and note'
export const rides = 'Rides'
export const moreOfThisFamily = 'More of this family'
export const earlierReadings = 'Earlier readings'
export const restraintsAndCars = 'Restraints and cars'
export const lookedAtAgain = (count: number) => `Looked at again (${count})`
export const nameAndNote2 = 'Name and note'
export const restraintsHandedOver = 'Restraints handed over'
export const unit = (serial: string) => `, unit ${serial}`
export const cars = 'Cars'
export const nobodyHasLookedAgainAt = 'Nobody has looked again at home yet: the sheet carries the code for it.'
