export * from './child.ts'
export * from './body-dimensions.ts'
export * from './measures.ts'
export * from './plausibility.ts'
