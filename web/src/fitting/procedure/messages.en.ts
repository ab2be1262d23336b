/** What the screens of this folder say, in English. */

// Ticks
export const tickEachAsYouTouch = 'Tick each as you touch it'

// CheckField
export const limit = (limit: string) => ` Limit: ${limit}.`
export const againAfterItWasChecked = (staleBecause: string) => `Again: ${staleBecause} after it was checked.`
export const itWas = (optionLabel: string) => ` It was: ${optionLabel}.`
export const withoutAFigure = (label: string) => `${label}, without a figure`
export const again = (label: string) => `${label}, again`
export const beforeItShowed = 'Before, it showed'
export const howItWasNoticed = (label: string) => `${label}, how it was noticed`
export const noticed = 'noticed:'
export const now = 'Now'
export const aSlipOfTheFinger = 'A slip of the finger: my next answer puts it right, nothing was done again'

// StepParts
export const whatProvesIt = 'What proves it'
export const mustBeReversedLater = 'Must be reversed later: '
export const reverses = 'Reverses: '
export const ifYouRedoThisStep = 'If you redo this step'
export const checkAgain = (checks: string) => `Check again: ${checks}.`
export const done = 'Done'

// ThumbPad
export const mustBeANumberOf = (label: string, unit: string) => `${label} must be a number of ${unit}`
export const point = 'point'
export const figures = (label: string) => `${label}, figures`
export const readToInstead = (formatNumber: string, unit: string, formatNumber2: string) =>
  `Read to ± ${formatNumber} ${unit}; ± ${formatNumber2} instead`
export const takeTheLastFigureAway = 'Take the last figure away'
export const minus = 'minus'
export const save = 'Save'

// BayView
export const step = 'Step '
export const ofWord = (count: number) => ` of ${count}`
export const screenStaysOn = 'screen stays on'
export const readStepsAloud = 'Read steps aloud'
export const undoTheLastEntry = 'Undo the last entry'
export const close = 'Close'
export const steps = 'Steps'
export const back = ' Back'
export const next = 'Next'
export const leaveItOpen = 'Leave it open'
export const readOffAFigure = 'Read off a figure'

// StepCard
export const makersWords = 'maker’s words'

// StepList
export const checksToDoAgain = 'Checks to do again'
export const n1CheckMustBeDone = '1 check must be done again'
export const checksMustBeDoneAgain = (count: number) => `${count} checks must be done again`
export const after = (checks: string, because: string) => `${checks}: ${because} after`
export const checked = ' checked.'
export const itWas2 = 'it was'
export const theyWere = 'they were'

// ProcedureStage
export const bayViewOneStepLarge = 'Bay view: one step, large'
export const doWord = 'Do'
export const nextStep = 'Next step'
export const theStepBefore = 'The step before'
export const childIn = 'Child in'
export const theStepsAreMadeFor = 'The steps are made for one mode, place and route. '
export const first = 'first.'
export const chooseThePlace = 'Choose the place'
export const chooseTheRestraintMode = 'Choose the restraint mode'
export const openPlace = 'Open Place'
export const openChoose = 'Open Choose'
export const handOver = 'Hand over'
export const onToChildIn = 'On to Child in'
export const toTheVerdict = 'To the verdict'
export const bayView = 'Bay view'
export const fromStepToStep = 'From step to step'
export const somethingMoved = 'Something moved'
export const somethingChangedAfterItWas = 'Something changed after it was checked'
export const noteItHereEveryCheck = 'Note it here: every check that depended on it is asked again.'
export const attach = 'Attach'
