import { TURNS, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'turn-lock',
  check: 'turn-lock',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ mode: TURNS }),
  gives: { locked: 'pass', turns: 'fail', unsure: 'undecided' },
  outdatedBy: ['turned', 'set-round', 'removed', 'child'],
  notAsked: { 'a shell that does not turn': buildCase() },
})
