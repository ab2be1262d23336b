export * from './steps.ts'
export * from './recommend.ts'
