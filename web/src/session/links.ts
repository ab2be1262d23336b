import { type VehicleId } from '@nimble-anchor/core/ground'
/** The page that arranges the family of a child; in one car, where one is known. */
export const arrangeLink = (childId: string, vehicleId: VehicleId | undefined): string =>
  `/arrange?child=${encodeURIComponent(childId)}${vehicleId === undefined ? '' : `&ask=${encodeURIComponent(JSON.stringify({ vehicleId }))}`}`
