import { IsoDate } from '../../ground/index.ts'
import { FORWARD, TETHER_ROUTE, buildCase, kindOf } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'chin',
  check: 'chin',
  stage: 'child-in',
  severity: 'fix',
  source: 'practice',
  on: buildCase({ child: { dateOfBirth: IsoDate('2026-05-01') } }),
  gives: { back: 'pass', forward: 'fail', unsure: 'undecided' },
  outdatedBy: [
    'connectors',
    'base',
    'turned',
    'set-round',
    'clothes',
    'removed',
    'carrier',
    'child',
    'recline',
    'legNotch',
    'wedge',
    'slideMm',
    'insertsIn',
  ],
  notAsked: {
    'a child over a year whose head is steady': buildCase(),
    'a child of a year to the day': buildCase({ child: { dateOfBirth: IsoDate('2025-11-25') } }),
    'a shell that faces forward': buildCase({
      mode: FORWARD,
      route: TETHER_ROUTE,
      child: { dateOfBirth: IsoDate('2026-05-01') },
    }),
    'a lie-flat': buildCase({ mode: { shape: 'lie-flat' }, child: { dateOfBirth: IsoDate('2026-05-01') } }),
  },
})

test.each([
  ['twelve months and steady', { dateOfBirth: IsoDate('2025-11-25'), headControl: 'steady' }, 'not-applicable'],
  ['a day less', { dateOfBirth: IsoDate('2025-11-26'), headControl: 'steady' }, 'undecided'],
  ['older, and it does not hold its head', { dateOfBirth: IsoDate('2025-07-10'), headControl: 'none' }, 'undecided'],
  ['of an age that nobody knows', { dateOfBirth: undefined, headControl: 'steady' }, 'undecided'],
] as const)('the chin is looked at: %s', (_, child, kind) => {
  expect(kindOf('chin', buildCase({ child: child as never }))).toBe(kind)
})
