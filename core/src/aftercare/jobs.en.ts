import { JOB_TITLE } from '../restraint/index.ts'
import { CHECKS_EN } from './checks.en.ts'
import takeOut from './jobs/take-out.en.ts'
import convert from './jobs/convert.en.ts'
import insertOut from './jobs/insert-out.en.ts'
import wash from './jobs/wash.en.ts'
import twistedStrap from './jobs/twisted-strap.en.ts'
import stickyBuckle from './jobs/sticky-buckle.en.ts'
import afterCrash from './jobs/after-crash.en.ts'
import emptyBooster from './jobs/empty-booster.en.ts'
import handBack from './jobs/hand-back.en.ts'
import type { JobTexts } from './job-text.ts'

export const JOBS_EN: JobTexts = {
  jobs: {
    'take-out': takeOut,
    convert: convert,
    'insert-out': insertOut,
    wash: wash,
    'twisted-strap': twistedStrap,
    'sticky-buckle': stickyBuckle,
    'after-crash': afterCrash,
    'empty-booster': emptyBooster,
    'hand-back': handBack,
  },
  titles: JOB_TITLE,
  checks: CHECKS_EN,
  unsure: 'cannot tell',
  conversion: ({ from, to }) => `Convert it: ${from ?? 'as it is'} to ${to ?? 'another mode'}`,
}
