import { BOOSTER, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

const table = { rule: 'belt-runs', check: 'belt-runs', stage: 'child-in', severity: 'fix', source: 'maker', outdatedBy: ['clothes', 'removed', 'child'] } as const // prettier-ignore

looks({
  ...table,
  on: buildCase({ mode: BOOSTER }),
  gives: { free: 'pass', ratchets: 'fail', unsure: 'undecided' },
  notAsked: { 'a harness': buildCase() },
})
// Where the belt holds by its own retractor, that it ratchets is what was asked for.
const [route] = BOOSTER.routes!
const held = { ...route!, belt: { ...route!.belt!, lock: { kind: 'switchable-retractor' } } } as const
looks({
  ...table,
  on: buildCase({ mode: BOOSTER, route: held }),
  gives: { free: 'pass', ratchets: 'pass', unsure: 'undecided' },
  notAsked: {},
})
