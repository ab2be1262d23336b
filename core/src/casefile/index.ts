export { datedChild } from './consequences.ts'
export {
  CARER_TRIED,
  type CarerTried,
  type Case,
  CASE_FORMAT,
  CASE_VERSION,
  caseSchema,
  chosenIn,
  type Identity,
  saidSchema,
  SIGNATURE_FIELD,
  strokesSchema,
} from './case.ts'

export { chosenEdges, staleChangesOf, tethersHoldToMovingFrame } from './edges.ts'
export { upgradeCase, upgradeCatalogue, upgradeChanges, upgradeModel, upgradePractice } from './upgrade.ts'
export { type Changed, type Put } from './put.ts'
export { type OtherOfRide, type Ride } from './ride.ts'
export { applyPuts, highestSequence, replay, revert, withChanges } from './changes.ts'
export { putsForMode, putsForPlace, putsForVehicle } from './choosing.ts'
export { collisionOf, collisionText, overlap } from './collide.ts'
export {
  besideIn,
  othersBeside,
  othersSharing,
  ownOf,
  placeLabels,
  placesTaken,
  sharedSeatIn,
  takingOfOther,
} from './beside.ts'
export { compareCases } from './compare.ts'
export { aheadFaults, isSlip, putFaults, slipFault, takeable } from './entering.ts'
