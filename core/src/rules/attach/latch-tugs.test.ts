import { Sequence } from '../../ground/index.ts'
import { BELT_ROUTE, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'latch-tugs',
  check: 'tug-left',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  on: buildCase({ readings: { 'tug-right': { option: 'held', at: Sequence(99) } } }),
  gives: { held: 'pass', gave: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm'],
  notAsked: { 'a belt route': buildCase({ route: BELT_ROUTE }) },
})
looks({
  rule: 'latch-tugs',
  check: 'tug-right',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  on: buildCase({ readings: { 'tug-left': { option: 'held', at: Sequence(99) } } }),
  gives: { held: 'pass', gave: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm'],
  passSpeaksOf: 'tug-left',
  notAsked: {},
})
