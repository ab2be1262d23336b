import { Sequence } from '../../ground/index.ts'
import { ask, BELT_ROUTE, buildCase, buildRoute, kindOf, TETHER_ROUTE } from '../../../test/build.ts'

const seen = (option: string, at: number, more: object = {}) =>
  buildCase({ readings: { 'latches-again': { option, at: Sequence(at) }, ...more } })

test.each([
  ['still-latched', 'pass'],
  ['open', 'fail'],
  ['unsure', 'undecided'],
])('the indicators seen again: %s gives %s', (option, kind) => {
  expect(kindOf('latches-again', seen(option, 3))).toBe(kind)
})
test('not looked at again, it is undecided', () => {
  expect(kindOf('latches-again', buildCase())).toBe('undecided')
})
test('looked at before the leg was noted, it is looked at once more; a slip put right is no work done', () => {
  const leg = { option: 'full', at: Sequence(4) }
  const again = { kind: 'undecided', check: 'latches-again', missing: ['check.latches-again'] }
  expect(ask('latches-again', seen('still-latched', 3, { 'leg-contact': leg }))).toMatchObject(again)
  expect(kindOf('latches-again', seen('still-latched', 5, { 'leg-contact': leg }))).toBe('pass')
  expect(kindOf('latches-again', seen('still-latched', 3, { 'leg-contact': { ...leg, slip: 'tip' } }))).toBe('pass')
})
test('a belt-held route has no connectors to look at', () => {
  expect(kindOf('latches-again', buildCase({ route: BELT_ROUTE }))).toBe('not-applicable')
})
test('nor has a belt-held route with a top tether; connectors alone are not looked at twice, with a tether they are', () => {
  const tethered = buildCase({ route: { ...BELT_ROUTE, topTether: { use: 'required' } } })
  expect(kindOf('latches-again', tethered)).toBe('not-applicable')
  const plain = buildCase({ route: buildRoute({ leg: undefined }) })
  expect(kindOf('latches-again', plain)).toBe('not-applicable')
  expect(kindOf('latches-again', buildCase({ route: TETHER_ROUTE }))).toBe('undecided')
})
