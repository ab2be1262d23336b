export {
  type Fixture,
  FIXTURES,
  FIXTURES_OF,
  isDriversPlace,
  neighboursOf,
  positionSchema,
  SHARED_PARTS,
  type SeatingPosition,
  type Vehicle,
  vehicleSchema,
} from './vehicle.ts'
export { vehicleName } from './vehicle-name.ts'
export { FIXTURE_TEXT, takenByMark, takesFixture } from './fixtures.ts'
export { lintVehicle } from './lint.ts'
export { type LayoutName, layoutPositions, LAYOUTS, mirrored } from './layout.ts'
export { planOf, type SeatOnPlan, USUAL_PLAN } from './plan.ts'
export { mayLendBars, servesOneOnly, sharedBetween, type SharedPart, type Taking } from './sharing.ts'
export { behindWhom, bucklesOf, carSideOf, doorSideOf } from './sides.ts'
