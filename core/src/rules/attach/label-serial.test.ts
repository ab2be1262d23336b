import { buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'label-serial',
  check: 'label-serial',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase(),
  gives: { match: 'pass', differs: 'fail', unsure: 'undecided' },
  outdatedBy: ['removed'],
  notAsked: {},
})
