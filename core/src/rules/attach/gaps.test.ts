import { Sequence } from '../../ground/index.ts'
import { BELT_ROUTE, BOOSTER, buildCase, buildRoute } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'gaps',
  check: 'gap-behind',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  on: buildCase({ readings: { 'gap-under': { option: 'none', at: Sequence(99) } } }),
  gives: { none: 'pass', gap: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'set-round', 'removed', 'legNotch', 'wedge', 'vehicleHeadRestraint', 'slideMm'],
  notAsked: { 'a belt route': buildCase({ route: BELT_ROUTE }), 'a booster': buildCase({ mode: BOOSTER }) },
})
looks({
  rule: 'gaps',
  check: 'gap-behind',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({
    route: buildRoute({ gapAccepted: { behindBase: true } }),
    readings: { 'gap-under': { option: 'none', at: Sequence(99) } },
  }),
  gives: { none: 'pass', gap: 'pass', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'set-round', 'removed', 'legNotch', 'wedge', 'vehicleHeadRestraint', 'slideMm'],
  notAsked: {},
})
