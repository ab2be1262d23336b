export * from './vehicle.ts'
export * from './fixtures.ts'
