export { goodReading } from './good-reading.ts'
export { goThrough, type Move, puttingGoodReadings, puttingSettings, Rehearsal } from './rehearsal.ts'
