export { LAW, R44_GROUP_MASS_KG } from './limits.ts'
