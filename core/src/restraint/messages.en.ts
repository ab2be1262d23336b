/** What this folder says, in English. */

// parts
export const needsFromMmOrToMm = 'needs "fromMm" or "toMm"'
export const mustNotBeAboveToMm = 'must not be above "toMm"'

// restraint
export const mustNotBeAboveTo = 'must not be above "to"'
export const isStatedToo = (part: string) => `"${part}" is stated too`
export const needsAMassOrA = 'needs a mass or a stature'
export const addUpToKgNot = (shown: number, massKg: number) => `add up to ${shown} kg, not to ${massKg} kg`
export const isUsedTwice = (id: string) => `"${id}" is used twice`
export const unR129GoesByStature = 'UN R129 goes by stature: needs "from" and "to" in cm'
export const needsIsofixOrBelt = 'needs "isofix" or "belt"'
export const aModeHeldByThe = 'a mode held by the vehicle belt needs it'

// route-kind
export const isofixWithLeg = 'ISOFIX with leg'
export const isofixWithTopTether = 'ISOFIX with top tether'
export const isofixOther = 'ISOFIX, other'
export const belt = 'Belt'
export const beltWithLegOrTethers = 'Belt with leg or tethers'
export const acrossTwoPlaces = 'Across two places'
export const boosterByBelt = 'Booster by belt'
export const boosterOnIsofix = 'Booster on ISOFIX'

// lint-approval
export const forwardFromCmUnR129 = (formatNumber: string, r129ForwardFromCm: number) =>
  `forward from ${formatNumber} cm; UN R129 allows it from ${r129ForwardFromCm} cm`
export const forwardFromMonthsUnR129 = (formatNumber: string, r129ForwardOverMonths: number) =>
  `forward from ${formatNumber} months; UN R129 allows it over ${r129ForwardOverMonths} months`
export const rearwardEndsAtCmA = (formatNumber: string, r129RearwardToCm: number) =>
  `rearward ends at ${formatNumber} cm; a restraint that also faces forward must reach ${r129RearwardToCm} cm`
export const aBoosterFromCmUn = (formatNumber: string, r129BoosterFromCm: number) =>
  `a booster from ${formatNumber} cm; UN R129 allows it from ${r129BoosterFromCm} cm`
export const aCushionFromCmUn = (formatNumber: string, cushionFromCm: number) =>
  `a cushion from ${formatNumber} cm; UN R129 allows it from ${cushionFromCm} cm`
export const forwardFromKgUnR44 = (formatNumber: string, r44ForwardFromKg: number) =>
  `forward from ${formatNumber} kg; UN R44 allows it from ${r44ForwardFromKg} kg`
export const groupFacingForwardGroups0 = (groups: string) =>
  `group ${groups} facing forward; groups 0 and 0+ are rearward or lateral`
export const aCushionApprovedInFrom = (
  approvedYear: number,
  cushionFromCm: number,
  cushionSinceYear: number,
  cushionFromCm2: number,
) =>
  `a cushion approved in ${approvedYear} from less than ${cushionFromCm} cm; since ${cushionSinceYear} only from ${cushionFromCm2} cm`
export const aCushionApprovedInFromKg = (
  approvedYear: number,
  formatNumber: string,
  cushionSinceYear: number,
  cushionFromKg: number,
) =>
  `a cushion approved in ${approvedYear} from ${formatNumber} kg; since ${cushionSinceYear} only from ${cushionFromKg} kg`

// lint
export const iSizeWithoutIsofixAnd = 'i-Size without ISOFIX and a leg or a required top tether'
export const iSizeIsUnR129 = 'i-Size is UN R129; this mode is approved to UN R44'
export const universalByIsofixUnderUn =
  'universal by ISOFIX under UN R44 is group I forward with a required top tether only'
export const theLegsShortestLengthMm = (formatNumber: string) =>
  `the leg’s shortest length, ${formatNumber} mm, is above its longest`
export const comesAfterWhichIsNo = (unknown: string) => `comes after "${unknown}", which is not a step`
export const replacesWhichIsNoUsual = (replaces: string) => `replaces "${replaces}", which is not a usual step`
export const isPairedWithWhichIs = (pairWith: string) =>
  `is paired with "${pairWith}", which is not another step of this route`
export const waitsForItselfThroughThe = (id: string) => `"${id}" waits for itself, through the steps it comes after`
export const goesFromMmDownTo = (formatNumber: string, formatNumber2: string) =>
  `goes from ${formatNumber} mm down to ${formatNumber2} mm`
export const standsTwice = (id: string | number) => `"${id}" stands twice`
export const heldByTheVehiclesBelt = 'held by the vehicle’s belt, and no booster'
export const aBoosterIsHeldBy = 'a booster is held by the vehicle’s belt'
export const aBoosterFacesForward = 'a booster faces forward'
export const liesAcrossAndIsNo = 'lies across, and is not lie-flat'
export const onlyABoosterLeavesThe = 'only a booster leaves the head to the vehicle’s head restraint'
export const aBoosterHasNoShell = 'a booster has no shell for the crown'
export const heightsAreReadAtThe =
  'heights are read at the head support’s lower edge; how far that stands above the straps is missing'
export const aWedgeOfNoHeight = 'a wedge of no height'
export const isRequiredForLongerThan = (name: string) => `${name} is required for longer than it is allowed`
export const isNoReclineOfThis = (stranger: string) => `"${stranger}" is not a recline of this mode`
export const aBeltThatHoldsThe = 'a belt that holds the restraint cannot be left free to run'
export const theBeltThatHoldsA = 'the belt that holds a child on a booster runs free'
export const connectorsOnlySteadyABooster = 'connectors only steady a booster'
export const connectorsThatOnlySteadyLeave = 'connectors that only steady leave a restraint with its own harness unheld'
export const twoPlacesAndItDoes = 'two places, and it does not lie across'
export const liesAcrossOnePlace = 'lies across one place'
export const whichOfTheTwoPlaces = 'which of the two places this belt belongs to is missing'
export const namesOneOfTwoPlaces = 'names one of two places; there is one'
export const goesOnABaseAnd = 'goes on a base, and none of the parts is one'
export const namesACarTwice = 'names a car twice'
export const standsInsteadOfWhichThis = (replaces: string) =>
  `stands instead of "${replaces}", which this route does not have`
export const saysHowItsDirectionIs = 'says how its direction is changed, and it has only one'
export const aModeOfItTurns = 'a mode of it turns on its base'
export const turnsOnItsBaseAnd = 'turns on its base, and no mode says how it locks'
export const isNoModeOfThis = (stranger: string) => `"${stranger}" is not a mode of this restraint`
export const convertsAModeToItself = 'converts a mode to itself'
export const fromUntilTheDaysStand = (madeFrom: string, madeUntil: string) =>
  `from ${madeFrom} until ${madeUntil}: the days stand the wrong way round`
