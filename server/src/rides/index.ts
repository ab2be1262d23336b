import { BeginRide } from './commands/begin-ride'
import { LeaveRide } from './commands/leave-ride'
import { RidesRead } from './rides-read'

/** Everything that is asked of rides and done to them. */
export const RIDES = [RidesRead, BeginRide, LeaveRide]
