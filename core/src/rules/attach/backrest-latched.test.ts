import { buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'backrest-latched',
  check: 'backrest-latched',
  stage: 'attach',
  severity: 'fix',
  source: 'vehicle',
  on: buildCase(),
  gives: { latched: 'pass', open: 'fail', unsure: 'undecided' },
  outdatedBy: ['removed', 'left'],
  notAsked: {},
})
