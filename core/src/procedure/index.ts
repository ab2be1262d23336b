export * from './steps.ts'
export * from './recommend.ts'
export { beltPathLines } from './usual-steps.ts'
