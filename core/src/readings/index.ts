export * from './checks.ts'
export * from './schema.ts'
export * from './staleness.ts'
