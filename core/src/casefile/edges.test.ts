import { BELT_ROUTE, buildCase, buildPosition, buildRoute, BOOSTER } from '../../test/build.ts'
import { STEADY_ON_BELT } from '../index.ts'
import type { StaleEdge } from '../readings/index.ts'
import { chosenIn, type Case } from './index.ts'
import { chosenEdges, tethersHoldToMovingFrame } from './edges.ts'

const edgesOf = (c: Case): readonly StaleEdge[] => chosenEdges(chosenIn(c))
const MODES = [{ change: 'recline', unpasses: ['head'] }]
const ROUTES = [{ change: 'legNotch', unpasses: ['front-seat'] }]
const CREEPING = buildRoute({ isofix: { connectors: 'rigid', role: 'holds', armsMayCreep: true } })
const TETHERED = buildRoute({ lowerTethers: { use: 'required', lengthMm: 900, to: ['ring', 'moving-frame'] } as never })
const points = (...kinds: readonly ('ring' | 'moving-frame')[]) =>
  buildPosition({ lowerTetherPoints: kinds.map((kind, i) => ({ kind, side: i === 0 ? 'left' : 'right' })) as never })

test('nothing is chosen, or nothing states an edge of its own: none', () => {
  expect(chosenEdges({})).toEqual([])
  expect(edgesOf(buildCase())).toEqual([])
})
test('those of the mode, then those of its route', () => {
  const c = buildCase({ mode: { staleEdges: MODES }, route: buildRoute({ staleEdges: ROUTES }) })
  expect(edgesOf(c)).toEqual([...MODES, ...ROUTES])
})
test('held by the belt, it is steady only while the belt is; not a booster, nor where ISOFIX holds', () => {
  expect(edgesOf(buildCase({ route: BELT_ROUTE }))).toEqual(STEADY_ON_BELT)
  expect(edgesOf(buildCase({ mode: BOOSTER }))).toEqual([])
  const both = buildRoute({ belt: BELT_ROUTE.belt })
  expect(edgesOf(buildCase({ route: both }))).toEqual([])
  const { mode: _mode, ...rest } = chosenIn(buildCase({ route: BELT_ROUTE }))
  expect(chosenEdges(rest)).toEqual([])
})
test('arms that may creep are looked at after a drive', () => {
  expect(edgesOf(buildCase({ route: CREEPING }))).toEqual([
    { change: 'driven', unpasses: ['latch-left', 'latch-right', 'tug-left', 'tug-right', 'pushed-home', 'gap-behind'] },
  ])
  const firm = buildRoute({ isofix: { connectors: 'rigid', role: 'holds', armsMayCreep: false } })
  expect(edgesOf(buildCase({ route: firm }))).toEqual([])
})
test('lower tethers on a frame that moves with the seat go with the seat: on one side is enough', () => {
  for (const [place, is] of [
    [points('ring', 'moving-frame'), true],
    [points('moving-frame', 'moving-frame'), true],
    [points('ring', 'ring'), false],
    [buildPosition(), false],
  ] as const) {
    expect(tethersHoldToMovingFrame(TETHERED, place)).toBe(is)
    expect(tethersHoldToMovingFrame(buildRoute(), place)).toBe(false)
    const edges = edgesOf(buildCase({ route: TETHERED, position: place }))
    expect(edges).toEqual(is ? [{ change: 'frontSeatGapMm', unpasses: ['lower-tethers'], isBeside: true }] : [])
  }
  expect(tethersHoldToMovingFrame(undefined, undefined)).toBe(false)
})
