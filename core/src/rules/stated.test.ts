import { BOOSTER, buildMode, buildModel, buildStatedMode } from '../../test/build.ts'
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
