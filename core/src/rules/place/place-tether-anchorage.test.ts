import { buildCase, FORWARD, kindOf, buildRoute, TETHER_ROUTE } from '../../../test/build.ts'
import { type SeatingPosition } from '../../index.ts'

const at = (position: Partial<SeatingPosition>, parts: Parameters<typeof buildCase>[0] = {}): string =>
  kindOf('place-tether-anchorage', buildCase({ ...parts, position }))

test.each([
  ['seat-back', 'pass'],
  ['none', 'fail'],
  // An i-Size place has one; without the mark nobody knows.
  [undefined, 'pass'],
] as const)('a required tether with anchorage %s: %s; a leg does not stand in', (where, kind) => {
  const route = { ...TETHER_ROUTE, leg: buildRoute().leg }
  expect(at({ tether: where && { where } }, { mode: FORWARD, route })).toBe(kind)
  expect(at({ tether: where && { where } })).toBe('not-applicable')
  if (where === undefined) {
    const handbook = { fixtures: ['F3' as const] }
    expect(at({ tether: undefined, handbook }, { mode: FORWARD, route })).toBe('undecided')
  }
})
