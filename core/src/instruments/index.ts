export * from './instrument.ts'
export * from './settle.ts'
export * from './stand-in.ts'
