export * from './rule.ts'
export * from './book.ts'
