export * from './lines.ts'
export * from './section.ts'
export * from './describe.ts'
export * from './find-set-up.ts'
