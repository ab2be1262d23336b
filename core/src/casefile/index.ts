export * from './case.ts'
export * from './parse.ts'
export * from './changes.ts'
export * from './choosing.ts'
