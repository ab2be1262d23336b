export * from './child.ts'
