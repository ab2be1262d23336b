export * from './evaluate.ts'
export * from './subjects.ts'
export * from './modes.ts'
export * from './places.ts'
