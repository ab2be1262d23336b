export * from './lms.ts'
export * from './standing.ts'
