import { BELT_ROUTE, BOOSTER, buildMode, buildModel, buildRoute, buildStatedMode, FORWARD } from '../../test/build.ts'
import { partAsked, unreadIn } from './index.ts'
import { MODE_PARTS_ASKED, ROUTE_PARTS_ASKED } from './stated.ts'

describe('what an entry has not been read for', () => {
  const mode = buildStatedMode()
  const [route] = mode.routes
  test('nothing, where each part is stated or said to be none', () => {
    expect(unreadIn(buildModel([mode]))).toEqual([])
  })
  test('a part that is neither is named where it is missing, and nowhere else', () => {
    const open = {
      ...mode,
      inserts: undefined,
      routes: [{ ...route!, without: route!.without!.filter((p) => p !== 'topTether') }],
    }
    expect(unreadIn(buildModel([open]))).toEqual([
      { where: mode.label, needs: ['mode.inserts'] },
      { where: `${mode.label}, ${route!.label}`, needs: ['route.topTether'] },
    ])
  })
})

test.each([
  ['a shell', {}, true],
  ['one to lie in', { shape: 'lie-flat' }, false],
  ['a booster', BOOSTER, false],
  ['a booster cushion', { ...BOOSTER, shape: 'booster-cushion' }, false],
] as const)('whether it turns and has a wedge is asked of a shell: %s', (_, over, isAsked) => {
  const mode = buildMode(over as never)
  const asked = MODE_PARTS_ASKED.filter((p) => p.isAsked({ mode, model: buildModel([mode]) })).map((p) => p.need)
  expect([asked.includes('mode.turns'), asked.includes('mode.wedge')]).toEqual([isAsked, isAsked])
})
test.each([...MODE_PARTS_ASKED, ...ROUTE_PARTS_ASKED].map((p) => p.need))('%s is asked in words', (need) => {
  expect(partAsked(need)).toMatch(/^(whether|what) /)
})

const OF_ROUTE =
  'isofix belt leg topTether lowerTethers reboundBar limits usesBase seatsTaken frontSeat pushedHome legProofs'.split(
    ' ',
  )
test.each([
  ['rearward by ISOFIX with a leg', {}, buildRoute(), 'isofix belt leg topTether lowerTethers reboundBar limits usesBase frontSeat pushedHome legProofs'],
  ['rearward by the belt', {}, BELT_ROUTE, 'isofix belt leg topTether lowerTethers limits usesBase frontSeat'],
  ['forward by ISOFIX with a leg', FORWARD, buildRoute(), 'isofix belt leg topTether lowerTethers limits usesBase pushedHome legProofs'],
  ['a booster', BOOSTER, BELT_ROUTE, 'isofix belt limits'],
  ['a booster that connectors steady', BOOSTER, buildRoute({ leg: undefined } as never), 'isofix belt limits'],
  ['across', { direction: 'lateral', shape: 'lie-flat' }, BELT_ROUTE, 'isofix belt leg topTether lowerTethers limits usesBase seatsTaken'],
] as const)('what is asked of a route: %s', (_, over, route, needs) => {
  const mode = buildMode({ ...over, routes: [route] } as never)
  const asked = ROUTE_PARTS_ASKED.filter((p) => p.isAsked({ mode, route, model: buildModel([mode]) } as never)).map((p) => p.need.replace('route.', '')) // prettier-ignore
  expect(asked.filter((n) => OF_ROUTE.includes(n)).join(' ')).toBe(needs)
}) // prettier-ignore
test.each([
  ['a rearward shell', {}, 'inserts wedge turns sidePod'],
  ['an infant shell', { shape: 'infant-shell' }, 'inserts wedge carryHandle turns sidePod'],
  ['one to lie in', { shape: 'lie-flat', direction: 'lateral' }, 'inserts carryHandle'],
  ['a booster with a back', BOOSTER, 'sidePod crotchBeltGuide'],
  ['a booster cushion', { ...BOOSTER, shape: 'booster-cushion' }, 'crotchBeltGuide'],
] as const)('what is asked of a mode: %s', (_, over, needs) => {
  const mode = buildMode(over as never)
  const asked = MODE_PARTS_ASKED.filter((p) => p.isAsked({ mode, model: buildModel([mode]) })).map((p) => p.need.replace('mode.', '')) // prettier-ignore
  expect(asked.join(' ')).toBe(needs)
})
test('the guard of a shell that turns is asked where its model has a forward mode', () => {
  const turning = buildMode({ turns: { locks: [] } } as never)
  const asks = (modes: readonly ReturnType<typeof buildMode>[]) => MODE_PARTS_ASKED.find((p) => p.need === 'mode.forwardGuard')!.isAsked({ mode: turning, model: buildModel(modes) }) // prettier-ignore
  expect(asks([turning])).toBe(false)
  expect(asks([turning, buildMode(FORWARD)])).toBe(true)
  // One that does not turn, and a booster, have none.
  const isAsked = (mode: ReturnType<typeof buildMode>) => MODE_PARTS_ASKED.find((p) => p.need === 'mode.forwardGuard')!.isAsked({ mode, model: buildModel([mode, buildMode(FORWARD)]) }) // prettier-ignore
  expect(isAsked(buildMode())).toBe(false)
  expect(isAsked(buildMode({ ...BOOSTER, turns: { locks: [] } } as never))).toBe(false)
  const isStated = (turns: object | undefined) => MODE_PARTS_ASKED.find((p) => p.need === 'mode.forwardGuard')!.isStated({ mode: buildMode({ turns } as never), model: buildModel([turning]) }) // prettier-ignore
  expect([isStated(undefined), isStated({ locks: [] }), isStated({ locks: [], forwardGuard: false }), isStated({ locks: [], forwardGuard: true })]).toEqual([false, false, true, true]) // prettier-ignore
})
