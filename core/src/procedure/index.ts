export * from './steps.ts'
