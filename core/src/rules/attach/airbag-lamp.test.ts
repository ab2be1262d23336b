import { BOOSTER, buildCase, FORWARD, TETHER_ROUTE } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

const table = { rule: 'airbag-lamp', check: 'airbag-lamp', stage: 'attach', severity: 'stop', source: 'vehicle', outdatedBy: ['removed', 'left'] } as const // prettier-ignore
const mustBeOff = { 'off-seen': 'pass', on: 'fail', unsure: 'undecided' } as const
const front = (frontAirbag: 'none' | 'can-be-switched-off' | 'cannot-be-switched-off' | 'automatic', handbook?: 'on' | 'off' | 'either') =>
  ({ row: 1, frontAirbag, ...(handbook && { handbook: { forwardAirbag: handbook } }) }) as const // prettier-ignore
const forward = (position: ReturnType<typeof front>, manual?: 'on' | 'off' | 'either') =>
  buildCase({ mode: FORWARD, route: { ...TETHER_ROUTE, ...(manual && { frontAirbag: manual }) }, position })

for (const frontAirbag of ['can-be-switched-off', 'automatic'] as const)
  looks({
    ...table,
    on: buildCase({ position: front(frontAirbag) }),
    gives: mustBeOff,
    notAsked: {},
  })
looks({
  ...table,
  on: buildCase({ mode: { direction: 'lateral', shape: 'lie-flat' }, position: front('can-be-switched-off') }),
  gives: mustBeOff,
  notAsked: {
    'a place without an airbag': buildCase({ position: front('none') }),
    'an airbag that cannot be switched off: the place is refused': buildCase({ position: front('cannot-be-switched-off') }), // prettier-ignore
    'a child who faces forward where either will do': forward(front('can-be-switched-off', 'either'), 'either'),
    'handbook and manual against each other, which the place is refused for': forward(
      front('can-be-switched-off', 'on'),
      'off',
    ),
    'a handbook that nobody has read, which is asked at the place': forward(front('can-be-switched-off'), 'off'),
    'a child who faces forward behind, though manual and handbook speak of one': buildCase({ mode: FORWARD, route: { ...TETHER_ROUTE, frontAirbag: 'on' }, position: { row: 2, frontAirbag: 'can-be-switched-off', handbook: { forwardAirbag: 'on' } } }), // prettier-ignore
    'a child who faces forward behind': buildCase({ mode: BOOSTER, position: { frontAirbag: 'can-be-switched-off', handbook: { forwardAirbag: 'on' } } }), // prettier-ignore
  },
})
looks({ ...table, on: forward(front('can-be-switched-off', 'off'), 'either'), gives: mustBeOff, notAsked: {} })
looks({
  ...table,
  on: forward(front('automatic', 'either'), 'on'),
  gives: { 'off-seen': 'fail', on: 'pass', unsure: 'undecided' },
  notAsked: {},
})
