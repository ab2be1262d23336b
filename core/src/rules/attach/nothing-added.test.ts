import { buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'nothing-added',
  check: 'nothing-added',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase(),
  gives: { none: 'pass', added: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm'],
  notAsked: {},
})
