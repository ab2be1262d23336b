import type { JobContext } from '../context.ts'
import { jobSayer, linesOf, type JobLine } from '../job-text.ts'
import type en from './insert-out.en.ts'

const say = jobSayer<typeof en>()

export default (context: JobContext): readonly JobLine[] =>
  linesOf([
    say('which', { names: (context.mode?.inserts ?? []).map((i) => i.name) }),
    say('loosen'),
    say('take'),
    say('store'),
    say('straps'),
  ])
