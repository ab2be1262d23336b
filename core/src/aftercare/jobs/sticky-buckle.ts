import { jobSayer, linesOf, type JobLine } from '../job-text.ts'
import type en from './sticky-buckle.en.ts'

const say = jobSayer<typeof en>()

export default (): readonly JobLine[] => linesOf([say('shake'), say('rinse'), say('dry')])
