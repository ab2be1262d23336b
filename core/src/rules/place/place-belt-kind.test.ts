import { buildCase, BOOSTER, kindOf, BELT_ROUTE } from '../../../test/build.ts'
import { told } from '../../../test/told.ts'
import { type Case, type Route, type SeatingPosition } from '../../index.ts'

const at = (position: Partial<SeatingPosition>, parts: Parameters<typeof buildCase>[0] = {}): string =>
  kindOf('place-belt-kind', buildCase({ ...parts, position }))

describe('belt kind', () => {
  const needing = (needs: 'three-point' | 'three-point-or-lap' | 'lap'): Route => ({
    ...BELT_ROUTE,
    belt: { ...BELT_ROUTE.belt!, needs },
  })
  test.each([
    ['three-point', 'three-point', 'pass'],
    ['three-point', 'lap', 'fail'],
    ['three-point', 'none', 'fail'],
    ['three-point-or-lap', 'lap', 'pass'],
    ['three-point-or-lap', 'none', 'fail'],
    ['lap', 'lap', 'pass'],
    ['lap', 'three-point', 'fail'],
  ] as const)('a route that needs %s on %s: %s', (needs, kind, expected) => {
    expect(at({ belt: { kind } }, { route: needing(needs) })).toBe(expected)
  })
  test('a booster never goes on a lap belt, even where a catalogue says so', () => {
    expect(at({ belt: { kind: 'lap' } }, { mode: BOOSTER, route: { ...needing('three-point-or-lap') } })).toBe('fail')
    expect(at({ belt: undefined }, { mode: BOOSTER })).toBe('undecided')
  })
})

test.each<[string, Case, string]>([
  ['a booster at a place with a lap belt', buildCase({ mode: BOOSTER, position: { belt: { kind: 'lap' } } }), 'fail, stop by regulation | The place has a lap belt only; the route needs a three-point belt. → Never a booster on a lap belt: use a place with a three-point belt.'],
  ['a booster at a place without a belt', buildCase({ mode: BOOSTER, position: { belt: { kind: 'none' } } }), 'fail, stop by regulation | The place has no belt; the route needs a three-point belt. → Use a place with the right belt, or another route.'],
  ['a harness by a belt that is not there', buildCase({ route: BELT_ROUTE, position: { belt: { kind: 'none' } } }), 'fail, stop by vehicle | The place has no belt; the route needs a three-point belt. → Use a place with the right belt, or another route.'],
])('%s', (_, c, said) => expect(told('place-belt-kind', c)).toBe(said)) // prettier-ignore
