import { buildModel, buildStatedMode } from '../../test/build.ts'
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

test.each([...MODE_PARTS_ASKED, ...ROUTE_PARTS_ASKED].map((p) => p.need))('%s is asked in words', (need) => {
  expect(partAsked(need)).toMatch(/^(whether|what) /)
})
