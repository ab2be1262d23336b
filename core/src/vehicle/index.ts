export * from './vehicle.ts'
export * from './fixtures.ts'
export * from './lint.ts'
export * from './layout.ts'
