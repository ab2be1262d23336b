export { badReading, goodReading } from './good-reading.ts'
export { goThrough, type Move, type Pace, puttingGoodReadings, puttingSettings, Rehearsal, setUp } from './rehearsal.ts'
