export { type AdultOfRide, type Member, otherOf, ownAndPlaces, putsForRide, rideFor } from './others.ts'
export { type MemberStanding, type RideStanding, rideStanding, type RideVerdict } from './standing.ts'
export { onSeatText, RIDE_VERDICT_TEXT } from './ride.en.ts'
