export * from './rule.ts'
export * from './book.ts'
export * from './bounds.ts'
export * from './markdown.ts'
