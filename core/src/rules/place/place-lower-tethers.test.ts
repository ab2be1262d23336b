import { buildCase, kindOf, BELT_ROUTE } from '../../../test/build.ts'
import { type Route, type SeatingPosition } from '../../index.ts'

const at = (position: Partial<SeatingPosition>, parts: Parameters<typeof buildCase>[0] = {}): string =>
  kindOf('place-lower-tethers', buildCase({ ...parts, position }))

test('lower tethers need a permitted point on each side', () => {
  const route: Route = { ...BELT_ROUTE, lowerTethers: { use: 'required', points: ['fixed-runner', 'ring'] } }
  const points = (...kinds: ('fixed-runner' | 'ring' | 'boxed-in')[]) =>
    kinds.map((kind, i) => ({ kind, side: i === 0 ? ('left' as const) : ('right' as const) }))
  expect(at({ lowerTetherPoints: points('fixed-runner', 'ring') }, { route })).toBe('pass')
  expect(at({ lowerTetherPoints: points('fixed-runner') }, { route })).toBe('fail')
  expect(at({ lowerTetherPoints: points('boxed-in', 'ring') }, { route })).toBe('fail')
  expect(at({}, { route })).toBe('undecided')
})
