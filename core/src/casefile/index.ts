export * from './case.ts'
export * from './parse.ts'
export * from './changes.ts'
