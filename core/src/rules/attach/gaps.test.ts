import { Sequence } from '../../ground/index.ts'
import { BELT_ROUTE, BOOSTER, buildCase, buildRoute, judged } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'
import { reasonOf } from '../speak.ts'

looks({
  rule: 'gaps',
  check: 'gap-behind',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  on: buildCase({ readings: { 'gap-under': { option: 'none', at: Sequence(99) } } }),
  gives: { none: 'pass', gap: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'set-round', 'removed', 'legNotch', 'wedge', 'vehicleHeadRestraint', 'slideMm'],
  notAsked: { 'a belt route': buildCase({ route: BELT_ROUTE }), 'a booster': buildCase({ mode: BOOSTER }) },
})
looks({
  rule: 'gaps',
  check: 'gap-behind',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({
    route: buildRoute({ gapAccepted: { behindBase: true } }),
    readings: { 'gap-under': { option: 'none', at: Sequence(99) } },
  }),
  gives: { none: 'pass', gap: 'pass', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'set-round', 'removed', 'legNotch', 'wedge', 'vehicleHeadRestraint', 'slideMm'],
  notAsked: {},
})
test.each([
  [{}, 'accepted-where-maker-says', 'There is a gap under the base, and the maker does not say that it may stay.'],
  [
    { underBase: true },
    'accepted-where-maker-says',
    'There is a gap under the base; the maker accepts it on this route.',
  ],
  [{ behindBase: true }, 'none', 'There is a gap under the base, and the maker does not say that it may stay.'],
  [
    { underBase: true },
    'none',
    'There is a gap under the base; the maker accepts it on this route, though your practice profile accepts none.',
  ],
] as const)('a gap under the base, accepted by the maker %j, by practice %s', (gapAccepted, baseGap, words) => {
  const c = buildCase({
    route: buildRoute({ gapAccepted }),
    practice: { baseGap },
    readings: {
      'gap-behind': { option: 'none', at: Sequence(9) },
      'gap-under': { option: 'gap', at: Sequence(9) },
    },
  })
  const outcome = judged('gaps', c)
  expect(outcome.kind === 'not-applicable' ? '' : reasonOf(outcome)).toMatch(new RegExp(`${words}$`))
})
