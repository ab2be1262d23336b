export * from './words.ts'
export * from './caution.ts'
export * from './needs.ts'
export * from './assess.ts'
