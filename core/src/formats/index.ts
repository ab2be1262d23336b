export * from './catalogue.ts'
export * from './json-schema.ts'
export * from './api.ts'
