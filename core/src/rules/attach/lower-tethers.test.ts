import { Sequence } from '../../ground/index.ts'
import { buildCase, buildRoute } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'lower-tethers',
  check: 'lower-tethers',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ route: buildRoute({ lowerTethers: { use: 'required', points: ['ring'] } }) }),
  gives: { tight: 'pass', loose: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm', 'set-round'],
  notAsked: {
    'a route without them': buildCase(),
    'advised ones that were left off': buildCase({
      route: buildRoute({ lowerTethers: { use: 'optional', points: ['ring'] } }),
      readings: { 'lower-tethers-used': { option: 'left-off', at: Sequence(9) } },
    }),
  },
})
