/** What the screens of this folder say, in English. */

// changeText
export const stature = 'Stature'
export const seatedShoulderHeight = 'Seated shoulder height'
export const sittingHeight = 'Sitting height'
export const dayOfBirth = 'Date of birth'
export const massAtBirth = 'Mass at birth'
export const aSpecialistsAdvice = 'A specialist’s advice'
export const theSameChildOrAnother = 'The same child, or another'
export const journeyAheadMinutes = 'Journey ahead, minutes'
export const aMeasureChangedByMore = 'A measure changed by more than it was uncertain'
export const aBadCheckWasPut = 'A bad check was corrected'
export const aBadNoteWasTaken = 'A bad reading was removed'
export const age = 'Age'
export const weeksOfPregnancy = 'Weeks of pregnancy'
export const sex = 'Sex'
export const weighedIn = 'Weighed in'
export const measuredIn = 'Measured in'
export const headControl = 'Head control'
export const medicalPostureNeeds = 'Medical posture needs'
export const recline = 'Recline'
export const legNotch = 'Leg notch'
export const strapHeight = 'Strap height'
export const wedge = 'Wedge'
export const insertsIn = 'Inserts in'
export const vehicleHeadRestraint = 'Vehicle head restraint'
export const seatInFrontFromThe = 'Seat in front, from the backrest'
export const shellSlidOnItsBase = 'Shell slid on its base'
export const choice = 'Choice'
export const restraintsConsidered = 'Restraints considered'
export const unitsConsidered = 'Units considered'
export const car = 'Car'
export const practice = 'Practice'
export const localRule = 'Local rule'
export const judgedFor = 'Judged for'
export const signed = 'Signed'
export const beforeLatching = (optionLabel: string) => `before latching ${optionLabel}`
export const againstAdvice = ', against advice'
export const step = (stage: string, last: string) => `${stage}: step ${last}`
export const noLongerNoted = 'No longer recorded'
export const noted = 'Recorded'
export const noLongerCountsAsPut = (name: string) => `${name}: no longer counts as corrected`
export const wasBadAndPutRight = (name: string) =>
  `${name}: was bad and corrected, so what depends on it is checked again`
export const notedAgain = (name: string) => `${name}: recorded again`
export const theBadNoteIsRemembered = (name: string) => `${name}: the bad note is remembered`
export const backAsItWas = (name: string) => `${name}: back as it was`
export const changedSoWhatRestsOn = (name: string) => `${name}: changed, so what depends on it is checked again`
export const now = (title: string, valueText: string, valueText2: string) => `${title}: ${valueText}, now ${valueText2}`
export const noLongerNotedAsDone = 'No longer recorded as done'
export const done = 'Done'
export const mass = 'Mass'

// SaveLine
export const n1EntryWaits = '1 entry waits'
export const entriesWait = (count: number) => `${count} entries wait`
export const signedElsewhereARecordClosed = 'Signed elsewhere: a record, closed'
export const youLookOthersEnter = 'You look; others enter'
export const signedAndClosed = 'Signed and closed'
export const notSavedOnThisDevice = (waits: string, value: string, value2: string) =>
  `Not saved: ${waits} on this device. ${value}${value2}`
export const notSavedYetOnThis = (waits: string, why: string) => `Not saved yet: ${waits} on this device${why}`
export const saving = 'Saving'
export const everythingSaved = 'Everything saved'
export const typedAndNotEnteredYet = (fields: string) => `${fields} typed and not entered yet`
export const tryAgain = 'Try again'
export const takeThatEntryBack = 'Take that entry back'
export const letItGo = 'Let it go'
export const undo = 'Undo'
export const passItToAColleague = 'Pass it to a colleague'
export const history = 'History'
export const youOnAnotherDevice = 'you, on another device'
export const alsoInThisFitting = 'Also in this fitting: '
export const itFailedOn = (putName: string) => ` It failed on “${putName}”.`
export const oneFieldIs = 'One field is'
export const fieldsAre = (drafts: number) => `${drafts} fields are`

// ContextBar
export const childPlaceRestraint = 'Child, place, restraint'
export const noPlaceYet = 'no place yet'
export const noModeYet = 'no mode yet'
export const theWholeRide = 'the whole ride'
export const verdict = 'Verdict'
export const putItRight = 'Put it right'
export const handOver = 'Hand over'
export const allFindings = 'All findings'
export const childKind = 'Child'
export const placeKind = 'Place'
export const restraintKind = 'Restraint'
export const rideKind = 'Ride'

// ConflictDialog
export const thisWasChangedMeanwhile = 'This was changed meanwhile'
export const leaveTheirs = 'Leave theirs'
export const enterMine = 'Enter mine'

// DayNote
export const judgedForAnotherDay = 'Judged for another day'
export const verdictIsForDay = (day: string) =>
  `This verdict is for **${day}**. Ages and ends of life are counted to that day.`
export const judgeForToday = 'Judge for today'

// HistoryDialog
export const theServerDoesNotAnswer = 'The server does not answer.'
export const nothingHasBeenEnteredYet = 'Nothing has been entered yet.'
export const nameTyped = ' (name typed)'
export const tookBackEntry = (undoes: number) => `Took back entry ${undoes}:`

// StageBar
export const stages = 'Stages'

// PassOnDialog
export const itStandsFirstOnTheir = 'It stands first on their Today. What was entered stays under its names.'
export const thereIsNobodyElseWho = 'There is nobody else who fits.'
export const passedTo = (name: string) => `Passed to ${name}.`

// ManualQuestions
export const none = 'none'
export const yes = 'yes'
export const no = 'no'
export const required = 'required'
export const advised = 'advised'
export const withARatchet = 'with a ratchet'
export const withoutOne = 'without one'
export const onePlace = 'one place'
export const twoPlaces = 'two places'
export const nothingButTheFootItself = 'nothing but the foot itself'
export const noneBesideTheUsual = 'none beside the usual'
export const allOfThem = 'all of them'
export const notReadYet = (modelName: string) => `Not read yet: ${modelName}`
export const theEntryDoesNotState =
  'The entry does not state this. Look at the label, the manual or the restraint; unknown never passes.'
export const harnessInPlace = 'harness in place'
export const harnessStowed = 'harness stowed'
export const noBaseOnTheShelf = 'no base on the shelf'
export const chooseTheBase = 'choose the base'
export const thisPlaceIsListed = 'this place is listed'
export const notListed = 'not listed'
export const choose = 'choose'
export const inTheEntry = 'in the entry'
export const kg = 'kg'
export const greatestMassOnTheLabel = 'Greatest mass on the label, kg'

// FittingPage
export const thereIsNoSuchFitting = 'There is no such fitting'
export const theServerDoesNotAnswer2 = 'The server does not answer'
export const itMayHaveBeenMade = 'It may have been made on another machine.'
export const nothingIsLostLoadThe = 'Nothing is lost. Load the page again in a moment.'
export const goToToday = 'Go to Today'
export const loading = 'Loading.'
export const nimbleAnchor = (stageText: string) => `${stageText} · Nimble Anchor`
export const undoTheLastEntry = 'Undo the last entry'
export const doWord = 'Do'
export const passThisFittingToA = 'Pass this fitting to a colleague'
export const arrangeTheFamilyInOne = 'Arrange the family in one car'
export const historyOfThisFitting = 'History of this fitting'
export const ledgerOfFindings = 'Ledger of findings'
export const rulesThatSpeakHere = 'Rules that speak here'
export const recordOfElsewhere = (fitterName: string) =>
  `**A record of elsewhere.** It came in as a case file that ${fitterName} had signed; what stands here is judged again, by this program and today’s rules.`
export const besideTheStage = 'Beside the stage'
export const toLookAtAgain = (checks: string) => `To look at again: ${checks}.`
