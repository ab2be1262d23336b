import { jobSayer, linesOf, type JobLine } from '../job-text.ts'
import type en from './empty-booster.en.ts'

const say = jobSayer<typeof en>()

export default (): readonly JobLine[] => linesOf([say('buckle'), say('pull')])
