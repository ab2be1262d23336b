import { jobSayer, linesOf, type JobLine } from '../job-text.ts'
import type en from './twisted-strap.en.ts'

const say = jobSayer<typeof en>()

export default (): readonly JobLine[] =>
  linesOf([say('loosen'), say('fold'), say('slide'), { ...say('tighten'), pairedWith: 'loosen' }])
