import { IsoDate } from '../../ground/index.ts'
import { FORWARD, TETHER_ROUTE, TURNS, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

const GUARDED = { turns: { locks: [{ id: 'turned', what: 'ring', kind: 'click' as const }], forwardGuard: true } }

looks({
  rule: 'forward-guard',
  check: 'forward-guard',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ child: { dateOfBirth: IsoDate('2026-05-01') }, mode: GUARDED }),
  gives: { set: 'pass', released: 'fail', unsure: 'undecided' },
  outdatedBy: ['turned', 'set-round', 'removed', 'child'],
  notAsked: {
    'a shell without a guard': buildCase({ mode: TURNS, child: { dateOfBirth: IsoDate('2026-05-01') } }),
    'a child who may face forward by law, facing rearward': buildCase({
      mode: GUARDED,
      child: { dateOfBirth: IsoDate('2025-07-10') },
    }),
  },
})
looks({
  rule: 'forward-guard',
  check: 'forward-guard',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ mode: { ...FORWARD, ...GUARDED }, route: TETHER_ROUTE }),
  gives: { set: 'fail', released: 'pass', unsure: 'undecided' },
  outdatedBy: ['turned', 'set-round', 'removed', 'child'],
  notAsked: {},
})
