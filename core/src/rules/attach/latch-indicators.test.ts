import { Sequence } from '../../ground/index.ts'
import { BELT_ROUTE, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'latch-indicators',
  check: 'latch-left',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ readings: { 'latch-right': { option: 'latched', at: Sequence(99) } } }),
  gives: { latched: 'pass', open: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm', 'recline', 'legNotch'],
  notAsked: { 'a belt route': buildCase({ route: BELT_ROUTE }) },
})
looks({
  rule: 'latch-indicators',
  check: 'latch-right',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ readings: { 'latch-left': { option: 'latched', at: Sequence(99) } } }),
  gives: { latched: 'pass', open: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm', 'recline', 'legNotch'],
  passSpeaksOf: 'latch-left',
  notAsked: {},
})
