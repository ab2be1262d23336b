export * from './schema.ts'
export * from './staleness.ts'
export * from './change-text.ts'
export * from './catalogue-lint.ts'
