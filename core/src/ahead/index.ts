export * from './road-ahead.ts'
export * from './sequence.ts'
export * from './remember.ts'
