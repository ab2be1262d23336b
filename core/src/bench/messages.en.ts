/** What this folder says, in English. */

// standing
export const cushionSlopeDrawnLevel = 'cushion slope, drawn level'
export const cushionDepthDrawnMm = (cushionDepth: number) => `cushion depth, drawn ${cushionDepth} mm`
export const cushionHeightDrawnMm = (floorBelow: number) => `cushion height, drawn ${floorBelow} mm`

// workings-child
export const shoulder = 'Shoulder'
export const strapExitAboveTheShoulder = 'Strap exit above the shoulder'
export const readAtTheHeadSupports = '; read at the head support’s lower edge'
export const readAtTheHeadSupportsLower = (gauge: number) =>
  `; read at the head support’s lower edge, ${gauge} mm above`
export const theSeatedShoulderHeight = 'the seated shoulder height'
export const whichInsertsAreIn = 'which inserts are in'
export const theSlotSet = 'the slot set'
export const sSeatedShoulderInsert = 'S = seated shoulder + insert'
export const offsetSlotS = 'offset = slot − S'
export const offsetMm = (set: number, mm: string, mm2: string) => `offset = ${set} mm − ${mm} = ${mm2}`
export const beltGuideAboveTheShoulder = 'Belt guide above the shoulder'
export const theGuideGoesMm = (boundsText: string, fromMm: number, toMm: number) =>
  `${boundsText}; the guide goes ${fromMm}–${toMm} mm`
export const theGuidesHeight = 'the guide’s height'
export const aboveGuideSeatedShoulder = 'above = guide − seated shoulder'
export const to = (formatNumber: string, formatNumber2: string) => ` × ${formatNumber} to ${formatNumber2}`
export const belowTheEdge = (what: string) => `${what} below the edge`
export const noHigherThanTheCars = 'no higher than the car’s head restraint'
export const noHigherThanTheEdge = 'no higher than the edge'
export const atLeastMmBelowThe = (mm: number, by: string) => `at least ${mm} mm below the edge, by ${by}`
export const theSittingHeight = 'the sitting height'
export const theHeadRestraintsTopOr = 'the head restraint’s top, or the cushion’s height'
export const theShellsEdgeInThe = 'the shell’s edge, in the catalogue'
export const lineSittingHeightInsert = (share: string) => `line = sitting height${share} + insert`
export const belowEdgeLine = 'below = edge − line'
export const lineInsert = (mm: string, line: string, share: string, mm2: string) =>
  `line = ${mm}${line}${share} + insert = ${mm2}`
export const below = (mm: string, mm2: string, mm3: string) => `below = ${mm} − ${mm2} = ${mm3}`
export const theMaker = 'the maker'
export const thePracticeProfile = 'the practice profile'

// workings-shell
export const shellAngle = 'Shell angle'
export const noTargetStatedNeverOver = 'no target stated; never over 45°'
export const dependsOnHeadControl = 'depends on head control'
export const atMost = (toDeg: number, because: string) => `at most ${toDeg}°, ${because}`
export const theReclineThatIsSet = 'the recline that is set'
export const theCushionsSlope = 'the cushion’s slope'
export const atanHB = 'ω = atan(h / B)'
export const measuredInTheCar = (deg: string) => `φ = ${deg}, measured in the car`
export const atan = (heightMm: number, baseLengthMm: number, deg: string) =>
  `ω = atan(${heightMm} / ${baseLengthMm}) = ${deg}`
export const mustTouch = 'must touch'
export const mustNotTouch = 'must not touch'
export const touchOrGap = 'touch or gap'
export const roomToTheDashboard = 'Room to the dashboard'
export const roomToTheSeatIn = 'Room to the seat in front'
export const byTheMaker = (touchText: string) => `${touchText}, by the maker`
export const theShellsLengthAndFoot = 'the shell’s length and foot, in the catalogue'
export const theDistanceToThe = (what: string) => `the distance to the ${what}`
export const theShellsAngle = 'the shell’s angle'
export const xXSlideSin = 'X = x₀ + slide + ℓ·sin φ'
export const clearanceDX = 'clearance = D − X'
export const xSin = (mm: string, mm2: string, mm3: string, deg: string, mm4: string) =>
  `X = ${mm} + ${mm2} + ${mm3}·sin ${deg} = ${mm4}`
export const clearance = (mm: string, mm2: string, mm3: string) => `clearance = ${mm} − ${mm2} = ${mm3}`
export const mmInNotches = (minLengthMm: number, maxLengthMm: number, notches: number) =>
  `${minLengthMm}–${maxLengthMm} mm in ${notches} notches`
export const legNeeded = 'Leg needed'
export const baseLiftedByTheLeg = 'Base lifted by the leg'
export const theMakerIsSilentOn = (range: string) => `${range}; the maker is silent on lift`
export const lifts0Mm = (range: string, maxLiftMm: number) => `${range}; lifts 0–${maxLiftMm} mm`
export const theCushionsFrontEdgeAbove = 'the cushion’s front edge above the bare floor'
export const lCBCos = 'L = (C + b) / cos ψ'
export const lKLMinK = 'L_k = L_min + (k − 1)·(L_max − L_min) / (N − 1)'
export const liftLKLCos = 'lift = (L_k − L)·cos ψ'
export const lCos = (mm: string, mm2: string, deg: string, mm3: string) => `L = (${mm} + ${mm2}) / cos ${deg} = ${mm3}`
export const lMm = (
  notch: number,
  minLengthMm: number,
  value: number,
  value2: number,
  value3: number,
  formatNumber: string,
) => `L_${notch} = ${minLengthMm} + ${value}·${value2} / ${value3} = ${formatNumber} mm`
export const liftCos = (formatNumber: string, mm: string, deg: string, mm2: string) =>
  `lift = (${formatNumber} − ${mm})·cos ${deg} = ${mm2}`
export const dashboard = 'dashboard'
export const seatInFront = 'seat in front'

// workings-straps
export const tetherPath = 'Tether path'
export const strap = (from: number, to: string) => `strap ${from}–${to}`
export const strapLengthNotStated = 'strap length not stated'
export const thePathToTheAnchorage = 'the path to the anchorage'
export const theStrapsRangeInThe = 'the strap’s range, in the catalogue'
export const shortestStrapPathLongestStrap = 'shortest strap ≤ path ≤ longest strap'
export const mmMm = (fromMm: number, mm: string, toMm: string | number) => `${fromMm} mm ≤ ${mm} ≤ ${toMm} mm`
export const beltToSpare = 'Belt to spare'
export const thePathsNeedIsNot = 'the path’s need is not stated'
export const thePathNeedsMm = (needed: number) => `the path needs ${needed} mm`
export const theUsableBelt = 'the usable belt'
export const whatThePathNeedsIn = 'what the path needs, in the catalogue'
export const spareUsableBeltPath = 'spare = usable belt − path'
export const buckleTopAboveThePaths = 'Buckle top above the path’s edge'
export const atMost0Mm = 'at most 0 mm'
export const theBucklesHeight = 'the buckle’s height'
export const aboveBuckleTopEdge = 'above = buckle top − edge'
export const aboveMm = (mm: string, edge: number, mm2: string) => `above = ${mm} − ${edge} mm = ${mm2}`
export const any = 'any'
export const mm = (to: number) => `${to} mm`

// lines
export const notKnown = 'not known'
export const settledByALook = 'settled by a look'

// section
export const backrestDrawnLeaning = (backrestDeg: number) => `backrest, drawn leaning ${backrestDeg}°`
export const shellAngle2 = 'shell angle'
export const shellLength = 'shell length'
export const heightOfTheSeatAbove = 'height of the seat above the cushion'

// describe
export const notJudged = 'not judged'
export const seenFromTheSideBy = (label: string, label2: string, directionFacing: string, label3: string) =>
  `${label}, seen from the side: ${label2}, ${directionFacing}, by ${label3}.`
export const advisedAgainst = 'advised against'
export const wanted = (label: string, lineValueText: string, wanted: string, word: string, by: string) =>
  `${label}: ${lineValueText}; wanted: ${wanted}; ${word}${by}.`
export const drawnAtAUsualSize = (assumed: string) => `Drawn at a usual size, not known: ${assumed}.`
export const missing = (missing: string) => `, missing: ${missing}`
