export * from './checks.ts'
export * from './schema.ts'
export * from './staleness.ts'
export * from './change-text.ts'
