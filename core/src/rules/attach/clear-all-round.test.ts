import { buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'clear-all-round',
  check: 'clear-all-round',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  on: buildCase(),
  gives: {
    clear: 'pass',
    'head-restraint': 'fail',
    'recline-lever': 'fail',
    door: 'fail',
    console: 'fail',
    beside: 'fail',
    unsure: 'undecided',
  },
  outdatedBy: [
    'connectors',
    'base',
    'turned',
    'set-round',
    'removed',
    'recline',
    'legNotch',
    'wedge',
    'vehicleHeadRestraint',
    'slideMm',
    'beside',
  ],
  notAsked: {},
})
