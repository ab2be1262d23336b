/** What the screens of this folder say, in English. */

// AdviceField
export const lieFlatOnly = 'lie-flat only'
export const semiReclinedRearward = 'semi-reclined, rearward'
export const oneRestraint = 'one restraint'
export const notYetByCar = 'not yet by car'
export const aSpecialistsAdvice = 'A specialist’s advice'
export const onlyWhatItPermitsCan = 'Only what it permits can be chosen. Advice that has changed is recorded again.'
export const stopHereUntilASpecialist =
  'Stop here until a specialist has said how this child travels: who, on which day, and what.'
export const who = 'Who'
export const role = 'Role'
export const on = 'On'
export const outcome = 'Outcome'
export const choose = 'choose'
export const whichRestraint = 'Which restraint'
export const recordTheAdvice = 'Record the advice'
export const remove = 'Remove'

// AgeAndPosture
export const ageAndPosture = 'Age and posture'
export const ageAsTold = 'Age, as told'
export const headControl = 'Head control'
export const holdsItsHeadSteady = 'holds its head steady'
export const notYet = 'not yet'
export const medicalPostureNeeds = 'Medical posture needs'
export const none = 'none'
export const yesReferToASpecialist = 'yes: refer to a specialist'
export const sexForTheGrowthTables = 'Sex, for the growth tables only'
export const girl = 'girl'
export const boy = 'boy'
export const notSaid = 'not said'
export const massAtBirth = 'Mass at birth'
export const under25KgIs = 'Under 2.5 kg is low; it is in the child’s book.'
export const dayOfBirth = 'date of birth'
export const theWasAndWasChanged = (what: string, was: string) =>
  `The ${what} was ${was} and was changed: corrected, or another child?`
export const anotherChildTakesAwayEverything =
  'Another child takes away everything measured and seen on the one before.'
export const putRightTheSameChild = 'Put right: the same child'
export const anotherChild = 'Another child'
export const mustBeADayAs = (dayPattern: string) => `must be a day as ${dayPattern}`
export const dayOfBirth2 = (message: string) => `Date of birth ${message}`
export const dayOfBirth3 = 'Date of birth'
export const bornAfterCompletedWeeksOf = 'Born after, completed weeks of pregnancy'
export const pretermASpecialistsAdviceComes = 'Preterm: a specialist’s advice comes first.'
export const aFullPregnancyIs40 = 'A full pregnancy is 40; under 37 is preterm.'
export const weeksOfPregnancyMustBe = 'Weeks of pregnancy must be a whole number from 22 to 44'
export const journeyAheadMinutes = 'Journey ahead, minutes'
export const forTheBreaksTheVery = 'For the breaks: the very young are not kept long in a shell.'
export const theJourneyMustBeA = 'The journey must be a whole number of minutes from 1 to 2880'

// ChildFigure
export const theChildSittingAndStanding = 'The child, sitting and standing, with the lengths that are measured'
export const mass = 'mass ?'
export const mass2 = 'mass'
export const shoulderWord = 'shoulder'
export const sittingWord = 'sitting'
export const statureWord = 'stature'
export const ageWord = 'age'

// Worn
export const lessTo = (formatNumber: string, formatNumber2: string, unit: string) =>
  `, less ${formatNumber} to ${formatNumber2} ${unit}`
export const weighedBareOrClothesDeducted = 'weighed bare, or clothes deducted'
export const weighedInIndoorClothes = (takenOff: string) => `weighed in indoor clothes${takenOff}`
export const weighedInCoatAndShoes = (takenOff: string) => `weighed in coat and shoes${takenOff}`
export const measuredBarefoot = 'measured barefoot'
export const measuredInShoes = (takenOff: string) => `measured in shoes${takenOff}`
export const estimatedFromTheStatureUntil = (formatNumber: string, formatNumber2: string) =>
  `Estimated from the stature until measured: ${formatNumber} to ${formatNumber2} cm.`

// ShoulderBreadth
export const shoulderBreadth = 'Shoulder breadth'
export const acrossBothShouldersWhereA =
  'Across both shoulders; where a shell is set to a width, or somebody sits beside it.'

// MeasureStage
export const withoutShoesSayWhatIt = 'Without shoes; say what it wore.'
export const stature = 'Stature'
export const lyingLengthUnderAboutTwo = 'Lying length under about two years.'
export const seatedShoulderHeight = 'Seated shoulder height'
export const fromTheSurfaceItSits = 'From the surface it sits on to the top of the shoulder.'
export const sittingHeight = 'Sitting height'
export const toTheCrownOnlyWhere = 'To the crown; only where the head is close to the edge.'
export const hipsBackToTheTop = (formatNumber: string, formatNumber2: string) =>
  `Hips back, to the top of the shoulder; within ${formatNumber} cm: the straps here step by ${formatNumber2} cm.`
export const weighedIn = 'Weighed in'
export const measuredIn = 'Measured in'
export const measuredOnMayBeMore = (day: string) =>
  `Measured on ${day}: by now it may be more, and near a limit it decides nothing.`
export const measuredAgainTodayTheSame = 'Measured again today, the same'
export const theChildsMeasures = 'The child’s measures'
export const measureNext = 'Measure next'
export const whateverElseAModeNeeds = 'Whatever else a mode needs, it asks for at Choose'
export const theChosenModeNeedsNothing = 'The chosen mode needs nothing more here'
export const decidesNothingYet = (fields: string) => `Decides nothing yet: ${fields}`
export const growthCurves = ' Growth curves'
export const goOnToChoose = 'Go on to Choose'
export const bothSexes = 'both sexes'
export const byCorrectedAge = 'by corrected age'
export const fromADerivedTableNot = 'from a derived table, not a published one'
export const mass3 = 'Mass'
