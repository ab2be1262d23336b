/** What the screens of this folder say, in English. */

// forecastText
export const then = (endingText: string) => `, then ${endingText}`
export const byTheForecastOverBefore = (when: string) => `by the forecast, over before it opens${when}`
export const opensInLastsUntilFrom = (quantilesText: string, monthsText: string, then: string) =>
  `opens in ${quantilesText}; lasts until ${monthsText} from now${then}`

// RangeBar
export const noLimitIn = (unit: string) => `no limit in ${unit}`
export const childNotMeasured = 'child not measured'
export const aboutInTwoYears = (formatNumber: string, unit: string) => `about ${formatNumber} ${unit} in two years`

// ModeBars
export const overMonths = (from: number, to: string) => `over ${from}${to} months`
export const stature = 'Stature'
export const age = 'Age'
export const noAgeLimit = 'no age limit'
export const to = (to: number) => `, to ${to}`
export const mass = 'Mass'

// axes
export const massKg = 'Mass, kg'
export const statureCm = 'Stature, cm'
export const fromNow = 'From now'

// view
export const isofixAndLeg = 'ISOFIX and leg'
export const isofixAndTopTether = 'ISOFIX and top tether'
export const isofixOtherwise = 'ISOFIX otherwise'
export const byBelt = 'by belt'
export const permitted = 'Permitted'
export const undecidedMeasureOrFindOut = 'Undecided: measure or find out first'
export const convertTheRestraintFirst = 'Convert the restraint first'
export const notYet = 'Not yet'
export const outgrown = 'Outgrown'
export const notPermitted = 'Not permitted'

// CompareDialog
export const itsOwnHarness = 'its own harness'
export const aShield = 'a shield'
export const theCarsBelt = 'the car’s belt'
export const verdict = 'Verdict'
export const whatDecided = 'What decided'
export const advisedAgainst = 'Advised against'
export const approvedTo = 'Approved to'
export const unSeries = (regulation: string, series: string) => `UN ${regulation}, series ${series}`
export const direction = 'Direction'
export const heldBy = 'Held by'
export const ranges = 'Ranges'
export const timeLeft = 'Time left'
export const noneOrNotForecast = 'none, or not forecast'
export const routes = 'Routes'
export const inThisCar = 'In this car'
export const notForThisChild = 'not for this child'
export const fitsNowhere = 'fits nowhere'
export const massOfTheRestraint = 'Mass of the restraint'
export const reclinePositions = 'Recline positions'
export const noneStated = 'none stated'
export const sideBySide = 'Side by side'
export const markUpToThreeModes = 'Mark up to three modes with “Compare”, then open this again.'
export const comparison = 'Comparison'
export const mode = 'Mode'
export const remove = 'Remove'
export const remove2 = (modelName: string, label: string) => `Remove ${modelName}, ${label}`

// Filters
export const anyDirection = 'any direction'
export const bothRegulations = 'both regulations'
export const unR129ByStature = 'UN R129, by stature'
export const unR44ByMass = 'UN R44, by mass'
export const anyRoute = 'any route'
export const showOnly = 'Show only'
export const regulation = 'Regulation'
export const route = 'Route'
export const badge = 'Badge'
export const anyBadge = 'any badge'
export const badge2 = (id: string) => `badge: ${id}`
export const onTheShelf = 'on the shelf'
export const fitsTheCar = 'fits the car'
export const fitsThe = (carName: string) => `fits the ${carName}`
export const showEverything = 'Show everything'

// ForecastLine
export const forMonthsLeftAgeAnd = 'For months left: age, and mass or stature.'
export const forecast = (percent: number) => `Forecast ${percent} %`
export const growthForecast = 'Growth forecast'
export const stop = 'Stop'
export const theGrowthForecastWasStopped = 'The growth forecast was stopped.'
export const theGrowthForecastFailed = 'The growth forecast failed.'
export const forecastAgain = 'Forecast again'
export const growthCurves = ' Growth curves'

// NoneFits
export const whyNoneFits = 'Why none fits'
export const noneOfTheseFitsThe = (vehicleName: string) => `None of these fits the ${vehicleName}. The nearest first:`
export const noModeIsPermittedFor = 'No mode is permitted for this child, whatever the car.'

// ModeDetail
export const printedBesideTheRangeAbout = (formatRange: string) => `Printed beside the range: about ${formatRange}`
export const inThisCar2 = (text: string) => ` In this car: ${text}`
export const somethingThereIsStillOpen = ', something there is still open'
export const inThisCarFitsNowhere = ' In this car: fits nowhere.'
export const theModeSelected = 'The mode selected'
export const un = (regulation: string, directionWord: string, limits: string) =>
  `UN ${regulation} · ${directionWord} · ${limits}`
export const belowThatOneStandsHigher = (nameOf: string, whyAbove: string) =>
  `Below ${nameOf}: that one stands higher because ${whyAbove}.`
export const aboveBecause = (nameOf: string, whyAbove: string) => `Above ${nameOf}, because ${whyAbove}.`
export const thisDecidesNothing = (beside: string) => `${beside}. This decides nothing.`
export const compare = 'Compare'
export const compare2 = (nameOf: string) => `Compare ${nameOf}`
export const ruleHolds = 'rule holds'
export const rulesHold = 'rules hold'
export const unitOf = (modelName: string) => `Unit of ${modelName}`
export const notOnTheShelf = 'not on the shelf'
export const chosen = 'Chosen'
export const use = 'Use'
export const use2 = (nameOf: string) => `Use ${nameOf}`

// ModeChart
export const theAxisBefore = 'The axis before'
export const theNextAxis = 'The next axis'
export const modes = (count: number) => `${count} modes`
export const endedBy = 'ended by'
export const car = 'car'
export const advisedAgainst2 = 'advised against'
export const fitsNowhereInThe = (carName: string) => `fits nowhere in the ${carName}`
export const standsInThe = (carName: string) => `stands in the ${carName}`
export const notMeasuredThere = 'not measured there'
export const chosen2 = ' · chosen'

// whatMoved
export const now = (bare: string, ordinal: string) => `${bare}: now ${ordinal}`
export const noLongerAdvisedAgainst = 'no longer advised against'
export const nowAdvisedAgainst = 'now advised against'
export const was = (bare: string, ordinal: string, ordinal2: string) => `${bare}: ${ordinal} (was ${ordinal2})`
export const andMore = (count: number) => `and ${count} more`

// PracticeDialog
export const practiceInThisFitting = 'Practice in this fitting'
export const ownChoice = 'Own choice'
export const aMakersInstructionBeatsThe =
  'A maker’s instruction beats the profile; law beats both. The verdict says which of the three decided. Profiles for all fittings are kept in Settings.'
export const profile = 'Profile'
export const localRule = 'Local rule'
export const profile2 = (name: string) => `Profile “${name}”`
export const backTo = (name: string) => `Back to “${name}”`
export const theOrderOfTheModes = 'The order of the modes is as it was.'

// useChooseKeys
export const nextMode = 'Next mode'
export const modes2 = 'Modes'
export const previousMode = 'Previous mode'
export const useTheModeSelected = 'Use the mode selected'
export const whyTheRulesOfThe = 'Why: the rules of the mode selected'
export const markTheModeSelectedFor = 'Mark the mode selected for comparison'
export const compareSideBySide = 'Compare side by side'

// ChooseStage
export const theShelfCouldNotBe = 'The shelf could not be read'
export const tryAgain = 'Try again'
export const loadingTheShelf = 'Loading the shelf.'
export const nothingOnTheShelf = 'Nothing on the shelf'
export const noRestraintIsRecordedImport =
  'No restraint is recorded. Import a catalogue on the page Restraints, or make one there.'
export const practiceAndLocalRuleIn = 'Practice and local rule in this fitting'
export const doWord = 'Do'
export const ofModes = (count: number, count2: number) => `${count} of ${count2} modes`
export const showOnly2 = (count: string) => `Show only: ${count}`
export const sideBySide2 = (count: number) => `Side by side (${count})`
export const practice = (name: string) => `Practice: ${name}`
export const measureNext = 'Measure next'
export const settles = (settles: number) => `settles ${settles}`
export const bearsOn = (bearsOn: number) => `affects ${bearsOn}`
export const stopHereAndReferA =
  'Stop here and refer: a specialist decides how this child travels. Nothing is put first until that advice is recorded at'
export const measure = 'Measure'
export const workingOutHowLongEach = 'Working out how long each mode lasts; the order follows from it.'
export const noModePassesTheseFilters = 'No mode passes these filters. Show everything to see what there is.'
export const why = 'Why'
