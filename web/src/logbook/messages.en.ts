/** What the screens of this folder say, in English. */

// columns
export const number = 'Number'
export const day = 'Day'
export const verdict = 'Verdict'
export const child = 'Child'
export const restraint = 'Restraint'
export const car = 'Car'
export const route = 'Route'
export const failedOnTheWay = 'Failed on the way'
export const fitter = 'Fitter'
export const cameFitted = 'Came fitted'
export const noRestraintYet = 'no restraint yet'
export const noCarYet = 'no car yet'
export const signedElsewhere = 'signed elsewhere'
export const alreadyFitted = 'already fitted'

// Filters
export const state = 'State'
export const open = 'open'
export const closed = 'closed'
export const failedCheck = 'Failed check'
export const anyCheck = 'any check'
export const begun = 'Begun'
export const from = 'From'
export const to = 'To'
export const unitAsShellOrBase = 'Unit, as shell or base'
export const showEverything = 'Show everything'

// LogbookTable
export const fittingsNewestFirst = 'Fittings, newest first'
export const loading = 'Loading.'
export const cameAlreadyFitted = 'came already fitted'
export const failedOnTheWay2 = (rules: string) => `failed on the way: ${rules}`

// LogbookCharts
export const atkinsonHyperlegibleNextVariableSans = '"Atkinson Hyperlegible Next Variable", sans-serif'
export const inFigures = 'In figures'
export const mostly = (ruleTitle: string, count: number) => `; mostly ${ruleTitle}, ${count}`
export const fittingsAWeekAndThose = 'Fittings a week, and those with a failed check'
export const nothingWasFittedYet = 'Nothing was fitted yet.'
export const weekOfWithAFailed = (weekText: string, fittings: number, withFault: number) =>
  `week of ${weekText}, ${fittings}, ${withFault} with a failed check`
export const withAFailedCheck = 'with a failed check'
export const without = 'without'
export const weekOf = (weekText: string) => `week of ${weekText}`
export const theServerDoesNotAnswer = 'The server does not answer.'
export const counting = 'Counting.'
export const summaryOf = (count: string, noun: string) => `Summary of ${count} ${noun}`
export const minutesInEachStageMedian = 'Minutes in each stage, median'
export const min = (median: number, fittings: number, noun: string) => `${median} min, ${fittings} ${noun}`
export const noTimeWasMeasuredYet =
  'No time was measured yet: it is the time between entries, pauses over ten minutes left out.'
export const wrongOnArrivalThatCame = (shareText: string) => `Wrong on arrival: ${shareText} that came already fitted`
export const noneCameAlreadyFittedSay = 'None came already fitted: say so when a fitting begins.'
export const nothingWasWrongAtThe = 'Nothing was wrong at the first look.'
export const fittingsInWhichEachCheck = 'Fittings in which each check failed'
export const noCheckFailed = 'No check failed.'
export const withAFailedCheckBy = 'With a failed check, by restraint, per cent'
export const noRestraintWasChosenYet = 'No restraint was chosen yet.'
export const withAFailedCheckByRoute = 'With a failed check, by route, per cent'
export const noRouteWasChosenYet = 'No route was chosen yet.'

// LogbookPage
export const logbookNimbleAnchor = 'Logbook · Nimble Anchor'
export const logbook = 'Logbook'
export const searchTheLogbook = 'Search the logbook'
export const nameCarPlateUnitFitter = 'Name, car, plate, unit, fitter, failed check'
export const hideTheCharts = 'Hide the charts'
export const charts = 'Charts'
export const fittings = 'Fittings'
export const fitting = 'fitting'
export const fittings2 = 'fittings'
export const theServerDoesNotAnswerChange = 'The server does not answer. Change the search, or load the page again.'
export const nothingOfThatKindIs = 'Nothing of that kind is in the logbook.'
export const nothingHasBeenFittedYet = 'Nothing has been fitted yet. Every fitting stands here from its first entry on.'
export const csv = ' CSV'
export const json = ' JSON'
export const columns = ' Columns'
export const columns2 = 'Columns'
