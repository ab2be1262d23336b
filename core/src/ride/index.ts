export { type AdultOfRide, type Member, otherOf, placesTaken, putsForRide, rideFor } from './others.ts'
export { type MemberStanding, type RideStanding, rideStanding, type RideVerdict } from './standing.ts'
export { RIDE_VERDICT_TEXT } from './ride.en.ts'
