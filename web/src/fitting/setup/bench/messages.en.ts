/** What the screens of this folder say, in English. */

// BenchFigures
export const shell = (valueText: string) => `shell ${valueText}`
export const room = (valueText: string) => `room ${valueText}`
export const lifts = (valueText: string) => `lifts ${valueText}`
export const needs = (valueText: string) => `needs ${valueText}`
export const head = (valueText: string) => `head ${valueText}`
export const path = (valueText: string) => `path ${valueText}`
export const beltSpare = (valueText: string) => `belt ${valueText} spare`
export const buckle = (valueText: string) => `buckle ${valueText}`

// BenchParts
export const headRestraint = 'head restraint'
export const seatInFront = 'seat in front'
export const topTether = 'top tether'

// DragHandle
export const recline = 'Recline'
export const legNotch = 'Leg notch'
export const wedge = 'Wedge'
export const shellOnItsBase = 'Shell on its base'
export const seatInFront2 = 'Seat in front'
export const notRecorded = 'not recorded'

// BenchDrawing
export const strap = (valueText: string) => `strap ${valueText}`

// settingText
export const legNotchOf = (notch: string, notches: string | number) => `leg notch ${notch} of ${notches}`
export const wedgeIn = 'wedge in'
export const noWedge = 'no wedge'
export const shellSlidMm = (slidMm: string) => `shell slid ${slidMm} mm`
export const seatInFrontAtMm = (gapMm: string) => `seat in front at ${gapMm} mm`
export const beltGuideAt = 'belt guide at'
export const strapsAt = 'straps at'
export const noInsert = 'no insert'
export const headRestraint2 = (replaceAll: string) => `head restraint ${replaceAll}`

// BenchPanel
export const fitBench = 'Fit bench'
export const unitOfLengths = 'Unit of lengths'
export const smaller = 'Smaller'
export const larger = 'Larger'
export const showTheWholeDrawing = 'Show the whole drawing'
export const saveTheDrawingAsSvg = 'Save the drawing as SVG'
export const seenFromTheSideThe = (name: string) => `${name}, seen from the side; the list below says the same in words`
export const dragAMagentaDotOr =
  'Drag a magenta dot, or step it with the arrow keys; a dashed ring is what the arithmetic recommends. '
export const drawnAtAUsualSize = (assumed: string) => `Drawn at a usual size, not known: ${assumed}.`
export const nameTheParts = 'Name the parts'
export const explainShowTheFormulasWith = 'Explain: show the formulas with their numbers'
export const theArithmetic = 'The arithmetic'
export const wanted = (wanted: string) => `wanted: ${wanted}`
export const advice = 'advice'
export const missing = (missing: string) => `Missing: ${missing}.`
export const isMissingSoThereAre = (upperFirst: string) =>
  `${upperFirst} is missing, so there are no numbers to fill in.`

// FindSetUp
export const findASetUp = 'Find a set-up'
export const stop = 'Stop'
export const searchAgain = 'Search again'
export const search = 'Search'
export const triesEveryPermittedReclineWedge =
  'Tries every permitted recline, wedge, slide, leg notch and seat in front for what passes with the most room.'
export const searching = 'Searching.'
export const combinationsTriedBestFirst = (tried: number) => `${tried} combinations tried, best first.`
export const somethingWasChangedSinceSearch = ' Something was changed since: search again.'
export const advice2 = 'Advice: '
export const notJudgedMissing = (lowerFirst: string) => `Not judged, missing: ${lowerFirst}.`
export const toSpare = ' to spare.'
export const useTheseSettings = 'Use these settings'
export const useTheseSettings2 = (setUpText: string) => `Use these settings: ${setUpText}`

export const searchNotWorkedOut = 'The search could not be worked out.'
