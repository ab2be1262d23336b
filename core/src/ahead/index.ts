export { AHEAD_TRAJECTORIES, type AheadItem, datesOf, roadAhead } from './road-ahead.ts'
export { type Gap, type Stretch, type RestraintSequence, sequencesAhead } from './sequence.ts'
export { whenText } from './when.en.ts'
