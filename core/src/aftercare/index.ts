export * from './job.ts'
export * from './plans.ts'
export * from './unit.ts'
