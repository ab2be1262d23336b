import { buildCase, buildRoute, FORWARD, TETHER_ROUTE } from '../../test/build.ts'
import { Sequence } from '../ground/index.ts'
import { fittedSubject, type Case } from '../index.ts'
import { isFrontPlace } from './airbag.ts'
import { areLowerTethersUsed, isTetherUsed } from './tethers.ts'

type Use = 'required' | 'optional'
const read = (id: string, option: string | undefined): Case['readings'] =>
  option === undefined ? {} : { [id]: { option, at: Sequence(3) } }
const subject = (c: Case) => fittedSubject(c)!

test.each<[Use | undefined, string | undefined, boolean]>([
  ['required', undefined, true],
  ['required', 'left-off', true],
  ['optional', undefined, false],
  ['optional', 'hooked', true],
  ['optional', 'left-off', false],
  ['optional', 'unsure', false],
  [undefined, 'hooked', false],
])('a tether that is %s, seen %s: used, %s', (use, option, isUsed) => {
  const top = buildCase({ mode: FORWARD, route: { ...TETHER_ROUTE, topTether: use && { use } } as never, readings: read('tether-used', option) }) // prettier-ignore
  expect(isTetherUsed(subject(top))).toBe(isUsed)
  const low = buildCase({ route: buildRoute({ ...(use && { lowerTethers: { use, points: ['ring'] } }) }), readings: read('lower-tethers-used', option) }) // prettier-ignore
  expect(areLowerTethersUsed(subject(low))).toBe(isUsed)
})
test('what was hooked before the restraint came out is not used any more', () => {
  const hooked = buildCase({ mode: FORWARD, route: { ...TETHER_ROUTE, topTether: { use: 'optional' } }, readings: read('tether-used', 'hooked') }) // prettier-ignore
  expect(isTetherUsed(subject(hooked))).toBe(true)
  expect(isTetherUsed(subject({ ...hooked, disturbances: { removed: { at: Sequence(4) } } }))).toBe(false)
})
test.each([
  [1, 'left', true],
  [1, 'right', false],
  [2, 'left', false],
] as const)('row %s on the %s, in a car driven from the right: a front place, %s', (row, side, isFront) => {
  expect(isFrontPlace(subject(buildCase({ position: { row, side } })))).toBe(isFront)
})
