import { lifeEnd } from '../../restraint/index.ts'
import type { JobContext } from '../context.ts'
import { jobSayer, linesOf, type JobLine } from '../job-text.ts'
import { partsToCount } from '../parts-to-count.ts'
import type en from './hand-back.en.ts'

const say = jobSayer<typeof en>()

export default (context: JobContext): readonly JobLine[] =>
  linesOf([
    say('shake'),
    say('count', { parts: partsToCount(context) }),
    say('loosen'),
    say('due', { end: lifeEnd({ unit: context.unit, model: context.model }) }),
    say('shelf'),
  ])
