export { AHEAD_TRAJECTORIES, type AheadItem, datesOf, roadAhead } from './road-ahead.ts'
export { type Gap, type Leg, type RestraintSequence, sequencesAhead } from './sequence.ts'
