import { jobSayer, linesOf, type JobLine } from '../job-text.ts'
import type en from './after-crash.en.ts'

const say = jobSayer<typeof en>()

export default (): readonly JobLine[] => linesOf([say('child-first'), say('out'), say('keep'), say('mark')])
