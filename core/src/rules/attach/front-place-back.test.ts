import { buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'front-place-back',
  check: 'seat-fully-back',
  stage: 'attach',
  severity: 'fix',
  source: 'vehicle',
  on: buildCase({ position: { row: 1 } }),
  gives: { back: 'pass', forward: 'fail', unsure: 'undecided' },
  outdatedBy: ['removed', 'left', 'shared-seat'],
  notAsked: { 'a place in the second row': buildCase() },
})
