import { BOOSTER, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'belt-runs',
  check: 'belt-runs',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ mode: BOOSTER }),
  gives: { free: 'pass', ratchets: 'fail', unsure: 'undecided' },
  outdatedBy: ['clothes', 'removed', 'child'],
  notAsked: { 'a harness': buildCase() },
})
// Where the belt holds by its own retractor, that it ratchets is what was asked for.
const [route] = BOOSTER.routes!
looks({
  rule: 'belt-runs',
  check: 'belt-runs',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  on: buildCase({
    mode: BOOSTER,
    route: { ...route!, belt: { ...route!.belt!, lock: { kind: 'switchable-retractor' } } },
  }),
  gives: { free: 'pass', ratchets: 'pass', unsure: 'undecided' },
  outdatedBy: ['clothes', 'removed', 'child'],
  notAsked: {},
})
