export * from './child.ts'
export * from './plausibility.ts'
