import { BOOSTER, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'crotch-guide',
  check: 'crotch-guide',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ mode: { ...BOOSTER, crotchBeltGuide: true } }),
  gives: { through: 'pass', beside: 'fail', unsure: 'undecided' },
  outdatedBy: ['clothes', 'removed', 'child'],
  notAsked: { 'a booster without one': buildCase({ mode: BOOSTER }) },
})
