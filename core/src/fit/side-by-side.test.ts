import fc from 'fast-check'
import { buildMode } from '../../test/build.ts'
import {
  furthestMm,
  isBreadthAsked,
  isProfileOpen,
  leastShift,
  marginInRow,
  neededApartMm,
  outsideWidthMm,
  personProfile,
  profileOf,
  rangesInRow,
} from './index.ts'
import type { Mode } from '../restraint/index.ts'

/** Said to be none. */
const NOTHING = { leftMm: 0, rightMm: 0 }
const on = { hasExtra: true }
const square = (half: number): NonNullable<Mode['halfWidths']> => {
  const at = { leftMm: half, rightMm: half }
  return { hipBack: at, hipFront: at, shoulderBack: at, shoulderFront: at, headBack: at, headFront: at }
}

test('an outside width alone bounds every point from above, and says nothing from below', () => {
  const a = profileOf(buildMode({ widthMm: 440 }), on)
  const b = profileOf(buildMode({ widthMm: 460 }), on)
  expect(neededApartMm(a, b, 0)).toEqual({ lo: 0, hi: 450 })
  expect(isProfileOpen(a)).toBe(true)
})

test('two that are widest at the same point, and say so, need exactly their width', () => {
  const a = profileOf(buildMode({ widthMm: 440, widestAt: 'shoulderBack' }), on)
  const b = profileOf(buildMode({ widthMm: 460, widestAt: 'shoulderBack' }), on)
  const c = profileOf(buildMode({ widthMm: 460, widestAt: 'shoulderFront' }), on)
  expect(neededApartMm(a, b, 0)).toEqual({ lo: 450, hi: 450 })
  expect(neededApartMm(a, c, 0)).toEqual({ lo: 0, hi: 450 })
})

test('a shell that is wide in front and one that is wide at the back interlock', () => {
  const rearward = profileOf(
    buildMode({ halfWidths: { ...square(150), shoulderFront: { leftMm: 230, rightMm: 230 }, shoulderBack: NOTHING } }),
    on,
  )
  const forward = profileOf(
    buildMode({ halfWidths: { ...square(150), shoulderBack: { leftMm: 230, rightMm: 230 }, shoulderFront: NOTHING } }),
    on,
  )
  expect(neededApartMm(rearward, forward, 0)).toEqual({ lo: 300, hi: 300 })
  expect(neededApartMm(rearward, rearward, 0)).toEqual({ lo: 460, hi: 460 })
})

test.each([
  [{ side: 'right', mm: 30 }, false, undefined, [230, 200]],
  [{ side: 'left', mm: 30 }, false, undefined, [200, 230]],
  [{ side: 'both', mm: 30 }, false, undefined, [230, 230]],
  // A pod stands at the shoulder, on the door side alone where it may be moved there.
  [{ side: 'both', mm: 30 }, true, 'left', [200, 230]],
] as const)('%j, pod %s towards %s', (extraWidthMm, sidePod, podSide, [right, left]) => {
  const mode = buildMode({ widthMm: 400, halfWidths: square(200), extraWidthMm, sidePod })
  const worn = profileOf(mode, { hasExtra: true, podSide })
  expect([furthestMm(worn, 'right').hi, furthestMm(worn, 'left').hi]).toEqual([right, left])
  expect(furthestMm(profileOf(mode, { hasExtra: false, podSide }), 'right').hi).toBe(200)
})

test('a hand asks for its room at hip height alone', () => {
  const wideShoulders = profileOf(
    buildMode({ halfWidths: { ...square(150), shoulderBack: { leftMm: 200, rightMm: 200 } } }),
    on,
  )
  expect(neededApartMm(wideShoulders, wideShoulders, 30)).toEqual({ lo: 400, hi: 400 })
  const straight = profileOf(buildMode({ halfWidths: square(150) }), on)
  expect(neededApartMm(straight, straight, 30)).toEqual({ lo: 330, hi: 330 })
})

const settings = [
  { id: 'narrow', label: 'Narrow', outsideMm: 440, insideMm: 280 },
  { id: 'wide', label: 'Wide', outsideMm: 500, insideMm: 340 },
]
test.each([
  [{ lo: 270, hi: 280 }, { lo: 440, hi: 440 }, false],
  [{ lo: 270, hi: 280.1 }, { lo: 440, hi: 500 }, true],
  [{ lo: 281, hi: 340 }, { lo: 500, hi: 500 }, false],
  [undefined, { lo: 440, hi: 500 }, true],
])('shoulders of %j need %j', (breadth, width, isAsked) => {
  const mode = buildMode({ widthSettings: settings })
  expect([outsideWidthMm(mode, breadth), isBreadthAsked(mode, breadth)]).toEqual([width, isAsked])
})

test('a row without a stated width is never certain', () => {
  const unknown = profileOf(buildMode(), on)
  expect(neededApartMm(unknown, personProfile(500), 0)).toEqual({ lo: 0, hi: Infinity })
})

/** Rows of two to four, each a hundred wide, asked for a distance between any two. */
const row = fc
  .array(
    fc.record({
      step: fc.integer({ min: 80, max: 140 }),
      playMm: fc.integer({ min: 0, max: 20 }),
      apart: fc.integer({ min: 60, max: 160 }),
    }),
    { minLength: 2, maxLength: 4 },
  )
  .map((list) => {
    let centreMm = 0
    return list.map(({ step, playMm, apart }) => ({ centreMm: (centreMm += step), playMm, apart }))
  })

test('a margin is what can be added to every gap, to the last thousandth and no more', () => {
  fc.assert(
    fc.property(row, (items) => {
      const apart = (i: number, j: number) => (j - i === 1 ? items[j]!.apart : 0)
      const margin = marginInRow(items, apart)
      const fits = (more: number) => rangesInRow(items, (i, j) => apart(i, j) + (j - i) * 0 + more) !== undefined
      const isSame = (more: number) =>
        rangesInRow(items, (i, j) => (j - i === 1 ? apart(i, j) + more : more)) !== undefined
      expect([isSame(margin - 1e-3), fits(margin + 1e-3)]).toEqual([true, false])
    }),
    { seed: 3, numRuns: 300 },
  )
})

test('the least shift keeps every distance and every play, and nobody is moved who need not be', () => {
  fc.assert(
    fc.property(row, (items) => {
      const apart = (i: number, j: number) => (j - i === 1 ? items[j]!.apart : 0)
      const at = leastShift(items, apart)
      const ranges = rangesInRow(items, apart)
      expect(at === undefined).toBe(ranges === undefined)
      at?.forEach((mm, j) => {
        expect(Math.abs(mm - items[j]!.centreMm)).toBeLessThanOrEqual(items[j]!.playMm + 1e-6)
        if (j > 0) expect(mm - at[j - 1]!).toBeGreaterThanOrEqual(items[j]!.apart - 1e-6)
      })
      if (items.every((item, j) => j === 0 || item.centreMm - items[j - 1]!.centreMm >= item.apart))
        expect(at).toEqual(items.map((item) => item.centreMm))
    }),
    { seed: 5, numRuns: 300 },
  )
})

test('door trim bounds where one may stand', () => {
  const item = { centreMm: -400, playMm: 20 }
  expect(rangesInRow([{ ...item, fromMm: -410 }], () => 0)).toEqual([{ fromMm: -410, toMm: -380 }])
  expect(rangesInRow([{ ...item, fromMm: -379 }], () => 0)).toBeUndefined()
})

describe('a shell that is turned to the door for its child', () => {
  const turns = (over: Partial<NonNullable<Mode['turns']>>): Mode =>
    buildMode({
      halfWidths: { ...square(200), headFront: NOTHING },
      turns: { locks: [{ id: 't', what: 'ring', kind: 'click' }], ...over },
    })
  const beside = profileOf(buildMode({ halfWidths: square(200) }), on)
  test.each([
    [{ toDoor: false, sweepMm: 320 }, 400, 400],
    [{ sweepMm: 320 }, 400, 400],
    [{ toDoor: true, sweepMm: 320 }, 520, 520],
    // Narrower than it stands, it sweeps nothing.
    [{ toDoor: true, sweepMm: 180 }, 400, 400],
    [{ toDoor: true }, 400, Infinity],
  ])('%j', (over, lo, hi) => {
    expect(neededApartMm(profileOf(turns(over), on), beside, 0)).toEqual({ lo, hi })
    expect(neededApartMm(beside, profileOf(turns(over), on), 0)).toEqual({ lo, hi })
  })
  test('it sweeps also where nothing of it stands', () => {
    expect(profileOf(turns({ toDoor: true, sweepMm: 320 }), on).headFront).toEqual({ left: { lo: 320, hi: 320 }, right: { lo: 320, hi: 320 }, isStated: true }) // prettier-ignore
    expect(profileOf(turns({}), on).headFront).toBe('none')
  })
  test('without a figure it is open', () => {
    expect(isProfileOpen(profileOf(turns({ toDoor: true }), on))).toBe(true)
  })
})

test.each([
  ['a child whom the narrow one takes', { lo: 240, hi: 250 }, undefined, 200],
  ['a child who needs the wide one', { lo: 270, hi: 280 }, undefined, 230],
  ['set wide by hand', { lo: 240, hi: 250 }, 500, 230],
  ['set to a width that it does not have', { lo: 270, hi: 280 }, 300, 230],
])('points are stated at the narrowest setting: %s', (_, shoulderBreadthMm, outsideMm, half) => {
  const mode = buildMode({
    widthMm: undefined,
    halfWidths: square(200),
    widthSettings: [
      { id: 'w', label: 'Wide', outsideMm: 500, insideMm: 320 },
      { id: 'n', label: 'Narrow', outsideMm: 440, insideMm: 260 },
    ],
  })
  expect(profileOf(mode, { ...on, shoulderBreadthMm, outsideMm }).hipBack).toEqual({ left: { lo: half, hi: half }, right: { lo: half, hi: half }, isStated: true }) // prettier-ignore
})
