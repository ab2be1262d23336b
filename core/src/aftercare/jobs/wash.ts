import { jobSayer, linesOf, type JobLine } from '../job-text.ts'
import type en from './wash.en.ts'

const say = jobSayer<typeof en>()

export default (): readonly JobLine[] =>
  linesOf([
    say('photo'),
    say('let-out'),
    say('unthread'),
    say('cover-off'),
    say('wash'),
    say('dry'),
    { ...say('cover-on'), pairedWith: 'cover-off' },
    { ...say('thread'), pairedWith: 'unthread' },
    { ...say('hook'), pairedWith: 'let-out' },
  ])
