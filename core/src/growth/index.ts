export * from './lms.ts'
export * from './standing.ts'
export * from './tracking.ts'
export * from './aged.ts'
