import { buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'carry-handle',
  check: 'carry-handle',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ mode: { carryHandle: { travelPosition: 'upright' } } }),
  gives: { travel: 'pass', other: 'fail', unsure: 'undecided' },
  outdatedBy: ['set-round', 'removed', 'carrier'],
  notAsked: { 'a shell without a handle': buildCase() },
})
