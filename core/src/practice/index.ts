export * from './profile.ts'
