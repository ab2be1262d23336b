export * from './parts.ts'
export * from './restraint.ts'
export * from './groups.ts'
export * from './lint.ts'
