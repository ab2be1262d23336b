import { buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'head-inboard',
  check: 'head-inboard',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ mode: { shape: 'lie-flat', direction: 'lateral' } }),
  gives: { inboard: 'pass', 'at-door': 'fail', unsure: 'undecided' },
  outdatedBy: ['removed', 'child'],
  notAsked: { 'a shell that faces rearward': buildCase() },
})
