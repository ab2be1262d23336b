import { BELT_ROUTE, buildMode, buildRoute, TETHER_ROUTE } from '../../test/build.ts'
import type { Mode, Route } from '../restraint/index.ts'
import {
  furthestMm,
  isProfileOpen,
  judgeRow,
  leastShift,
  outsideWidthMm,
  PERSON_TAKES,
  personProfile,
  profileOf,
  rangesInRow,
  standingOf,
  takingOf,
  tetherUseAt,
  type InRow,
  type SideProfile,
} from './index.ts'

const ON = { hasExtra: true }
const square = (half: number): NonNullable<Mode['halfWidths']> => {
  const at = { leftMm: half, rightMm: half }
  return { hipBack: at, hipFront: at, shoulderBack: at, shoulderFront: at, headBack: at, headFront: at }
}
const wide = (half: number, over: Partial<Mode> = {}): Mode => buildMode({ halfWidths: square(half), ...over })

describe('how a restraint stands beside others', () => {
  test.each<[string, Route, number, boolean]>([
    ['connectors', buildRoute(), 0, false],
    ['connectors and a belt', { ...BELT_ROUTE, isofix: { connectors: 'rigid', role: 'holds' } }, 0, true],
    ['a belt', BELT_ROUTE, 20, true],
    ['a belt whose maker says how far', { ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, sidewaysPlayMm: 35 } }, 35, true],
    [
      'a belt whose maker says not at all',
      { ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, sidewaysPlayMm: 0 } },
      0,
      true,
    ],
  ])('by %s', (_, route, playMm, needsHand) => {
    const mode = wide(200)
    expect(standingOf(mode, route, ON)).toEqual({ profile: profileOf(mode, ON), playMm, needsHand })
  })
})

describe('what is taken of a place', () => {
  const NONE = { usesBars: false, usesTether: false, usesRails: false, usesBelt: false, isRestraint: true }
  const advised = buildRoute({ topTether: { use: 'optional' }, lowerTethers: { use: 'optional', points: ['ring'] } })
  const required = buildRoute({ topTether: { use: 'required' }, lowerTethers: { use: 'required', points: ['ring'] } })
  test.each<[string, Parameters<typeof takingOf>, object]>([
    ['by a belt', [BELT_ROUTE], { usesBelt: true }],
    ['by connectors', [buildRoute()], { usesBars: true }],
    ['by connectors and tether', [TETHER_ROUTE], { usesBars: true, usesTether: true }],
    ['with all that is required', [required], { usesBars: true, usesTether: true, usesRails: true }],
    ['with what is only advised', [advised], { usesBars: true }],
    ['with an advised tether that was hooked', [advised, { topTether: true, lowerTethers: false }], { usesBars: true, usesTether: true }],
    ['with advised lower tethers that were hooked', [advised, { topTether: false, lowerTethers: true }], { usesBars: true, usesRails: true }],
    ['with a tether that there is none of, said to be hooked', [BELT_ROUTE, { topTether: true, lowerTethers: true }], { usesBelt: true }],
  ])('%s', (_, asked, takes) => expect(takingOf(...asked)).toEqual({ ...NONE, ...takes })) // prettier-ignore
  test('a person takes the belt, and is no restraint', () => {
    expect(PERSON_TAKES).toEqual({ ...NONE, usesBelt: true, isRestraint: false })
  })
  test.each([
    ['optional', 'none', undefined],
    ['optional', 'backrest', 'optional'],
    ['optional', undefined, 'optional'],
    ['required', 'none', 'required'],
    ['required', 'backrest', 'required'],
    [undefined, 'none', undefined],
    [undefined, 'backrest', undefined],
  ] as const)('a tether that is %s, the anchorage of the place %s: %s', (use, where, used) => {
    const route = buildRoute(use && { topTether: { use } })
    expect(tetherUseAt(route, where && { tether: { where } as never })).toBe(used)
    if (where === undefined) expect(tetherUseAt(route, {})).toBe(used)
  })
})

describe('the shape of it', () => {
  const POINTS = ['hipBack', 'hipFront', 'shoulderBack', 'shoulderFront', 'headBack', 'headFront'] as const
  const right = (profile: SideProfile) => POINTS.map((p) => { const at = profile[p]; return at === 'none' ? 0 : at.right.hi }) // prettier-ignore
  test('a cup holder widens it at the hip, a pod at the shoulder, front and back', () => {
    const extraWidthMm = { side: 'both', mm: 30 } as const
    expect(right(profileOf(wide(200, { extraWidthMm }), ON))).toEqual([230, 230, 200, 200, 200, 200])
    expect(right(profileOf(wide(200, { extraWidthMm, sidePod: true }), ON))).toEqual([200, 200, 230, 230, 200, 200])
  })
  test('what is added stands also where the width alone is known, at its widest and elsewhere', () => {
    const extraWidthMm = { side: 'both', mm: 30 } as const
    const known = profileOf(buildMode({ widthMm: 400, widestAt: 'hipBack', extraWidthMm }), ON)
    expect(known.hipBack).toEqual({ left: { lo: 230, hi: 230 }, right: { lo: 230, hi: 230 }, isStated: true })
    expect(known.hipFront).toEqual({ left: { lo: 0, hi: 230 }, right: { lo: 0, hi: 230 }, isStated: false })
    expect(known.headBack).toEqual({ left: { lo: 0, hi: 200 }, right: { lo: 0, hi: 200 }, isStated: false })
    expect(profileOf(wide(200, { extraWidthMm }), ON).hipBack).toEqual({ left: { lo: 230, hi: 230 }, right: { lo: 230, hi: 230 }, isStated: true }) // prettier-ignore
  })
  test('what stands on one side alone is something', () => {
    const halfWidths = { ...square(200), headFront: { leftMm: 0, rightMm: 90 }, headBack: { leftMm: 0, rightMm: 0 } }
    const profile = profileOf(buildMode({ halfWidths }), ON)
    expect(profile.headFront).toEqual({ left: { lo: 0, hi: 0 }, right: { lo: 90, hi: 90 }, isStated: true })
    expect(profile.headBack).toBe('none')
  })
  test('a width setting whose inside nobody stated may be the one', () => {
    const widthSettings = [{ id: 'n', label: 'Narrow', outsideMm: 440, insideMm: 280 }, { id: 'w', label: 'Wide', outsideMm: 500 }] // prettier-ignore
    expect(outsideWidthMm(buildMode({ widthSettings }), { lo: 250, hi: 260 })).toEqual({ lo: 440, hi: 500 })
  })
  test('of a person: half its breadth at hips and shoulders, a head, nothing in front of them', () => {
    const half = (mm: number) => ({ left: { lo: mm, hi: mm }, right: { lo: mm, hi: mm }, isStated: true })
    expect(personProfile(520)).toEqual({
      hipBack: half(260),
      hipFront: half(260),
      shoulderBack: half(260),
      shoulderFront: 'none',
      headBack: half(85),
      headFront: 'none',
    })
    expect(isProfileOpen(personProfile(520))).toBe(false)
  })
  test('how far it stands out at the furthest: for certain only where that is stated', () => {
    const span = (lo: number, hi: number) => ({ lo, hi })
    const point = (lo: number, hi: number, isStated: boolean) => ({ left: span(lo, hi), right: span(lo + 1, hi + 1), isStated }) // prettier-ignore
    const profile: SideProfile = {
      hipBack: point(100, 120, true),
      hipFront: point(150, 180, false),
      shoulderBack: point(90, 200, true),
      shoulderFront: 'none',
      headBack: point(80, 85, true),
      headFront: 'none',
    }
    expect([furthestMm(profile, 'left'), furthestMm(profile, 'right')]).toEqual([span(100, 200), span(101, 201)])
  })
  const at = (left: [number, number], rightTo: [number, number], isStated = true) => ({ left: { lo: left[0], hi: left[1] }, right: { lo: rightTo[0], hi: rightTo[1] }, isStated }) // prettier-ignore
  const exact = at([100, 100], [100, 100])
  const all = (over: Partial<SideProfile>): SideProfile => ({ hipBack: exact, hipFront: exact, shoulderBack: exact, shoulderFront: 'none', headBack: exact, headFront: exact, ...over }) // prettier-ignore
  test.each<[string, SideProfile, boolean]>([
    ['stated all round', all({}), false],
    ['open to the left at one point', all({ headBack: at([90, 100], [100, 100]) }), true],
    ['open to the right at one point', all({ headBack: at([100, 100], [90, 100]) }), true],
    ['not stated at one point', all({ headBack: at([100, 100], [100, 100], false) }), true],
  ])('%s: open %s', (_, profile, isOpen) => expect(isProfileOpen(profile)).toBe(isOpen))
  test('a shell that is turned is as wide as it sweeps, where a figure says so, and no less open elsewhere', () => {
    const turns = (sweepMm?: number): Mode['turns'] => ({ locks: [{ id: 't', what: 'ring', kind: 'click' }], toDoor: true, ...(sweepMm !== undefined && { sweepMm }) }) // prettier-ignore
    const unstated = (sweepMm?: number) => profileOf(buildMode({ widthMm: 440, turns: turns(sweepMm) }), ON).headBack
    expect(unstated(320)).toEqual({ left: { lo: 320, hi: 320 }, right: { lo: 320, hi: 320 }, isStated: true })
    expect(unstated()).toEqual({ left: { lo: 0, hi: Infinity }, right: { lo: 0, hi: Infinity }, isStated: false })
    const none = profileOf(buildMode({ halfWidths: { ...square(200), headBack: { leftMm: 0, rightMm: 0 } }, turns: turns() }), ON).headBack // prettier-ignore
    expect(none).toEqual({ left: { lo: 0, hi: Infinity }, right: { lo: 0, hi: Infinity }, isStated: true })
  })
})

describe('a row', () => {
  const one = (centreMm: number | undefined, half: number | undefined, over: { playMm?: number; needsHand?: boolean; left?: boolean; right?: boolean } = {}): InRow => ({
    centreMm,
    standing: half === undefined ? undefined : { profile: profileOf(wide(half), ON), playMm: over.playMm ?? 0, needsHand: over.needsHand ?? false },
    buckles: { left: over.left ?? false, right: over.right ?? false },
  }) // prettier-ignore
  const open = { kind: 'undecided', marginMm: undefined, lacks: undefined }
  test.each<[string, readonly InRow[], Parameters<typeof judgeRow>[1], object]>([
    ['nobody', [], {}, { kind: 'pass', marginMm: undefined, lacks: undefined }],
    ['one alone', [one(0, 200)], {}, { kind: 'pass', marginMm: undefined, lacks: undefined }],
    ['two that touch', [one(-200, 200), one(200, 200)], {}, { kind: 'pass', marginMm: 0, lacks: undefined }],
    ['two, said from right to left', [one(210, 200), one(-200, 200)], {}, { kind: 'pass', marginMm: 10, lacks: undefined }],
    ['two that overlap', [one(-200, 205), one(200, 200)], {}, { kind: 'fail', marginMm: -5, lacks: 'room' }],
    ['two that overlap until one is moved over', [one(-200, 205, { playMm: 5 }), one(200, 200)], {}, { kind: 'pass', marginMm: 0, lacks: undefined }],
    ['a hand at the buckle of the left one', [one(-200, 190, { needsHand: true, right: true }), one(200, 190)], {}, { kind: 'fail', marginMm: -10, lacks: 'hand' }],
    ['a hand at the buckle of the right one', [one(-200, 190), one(200, 190, { needsHand: true, left: true })], {}, { kind: 'fail', marginMm: -10, lacks: 'hand' }],
    ['its buckle is on the other side', [one(-200, 190, { needsHand: true, left: true }), one(200, 190)], {}, { kind: 'pass', marginMm: 20, lacks: undefined }],
    ['a buckle that needs no hand', [one(-200, 190, { right: true }), one(200, 190, { left: true })], {}, { kind: 'pass', marginMm: 20, lacks: undefined }],
    ['against the trim on the left', [one(-200, 190), one(200, 190)], { trimLeftMm: 389 }, { kind: 'fail', marginMm: undefined, lacks: 'trim' }],
    ['just clear of it', [one(-200, 190), one(200, 190)], { trimLeftMm: 390, trimRightMm: 390 }, { kind: 'pass', marginMm: 20, lacks: undefined }],
    ['against the trim on the right', [one(-200, 190), one(200, 190)], { trimRightMm: 389 }, { kind: 'fail', marginMm: undefined, lacks: 'trim' }],
    ['moved off the trim', [one(-200, 190, { playMm: 5 }), one(200, 190)], { trimLeftMm: 385 }, { kind: 'pass', marginMm: 25, lacks: undefined }],
    ['a middle that nobody measured', [one(-200, 190), one(undefined, 190)], {}, open],
    ['one that is not chosen', [one(-200, 190), one(200, undefined)], {}, open],
    ['neither known of one, and two that overlap', [one(-200, 205), one(200, 200), one(undefined, undefined)], {}, { kind: 'fail', marginMm: -5, lacks: 'room' }],
  ])('%s', (_, row, trim, said) => expect(judgeRow(row, trim)).toEqual(said)) // prettier-ignore

  test('each may stand where the others leave it room, both ends', () => {
    const row = [{ centreMm: 0, playMm: 20 }, { centreMm: 100, playMm: 20 }, { centreMm: 200, playMm: 0 }] // prettier-ignore
    expect(rangesInRow(row, (i, j) => (j - i) * 105)).toEqual([
      { fromMm: -20, toMm: -10 },
      { fromMm: 85, toMm: 95 },
      { fromMm: 200, toMm: 200 },
    ])
  })
  test('who may not be moved is not, and the other makes room alone', () => {
    const at = leastShift([{ centreMm: 0, playMm: 20 }, { centreMm: 100, playMm: 0 }], () => 110) // prettier-ignore
    expect(at?.map(Math.round)).toEqual([-10, 100])
    const other = leastShift([{ centreMm: 0, playMm: 0 }, { centreMm: 100, playMm: 20 }], () => 110) // prettier-ignore
    expect(other?.map(Math.round)).toEqual([0, 110])
    const both = leastShift([{ centreMm: 0, playMm: 20 }, { centreMm: 100, playMm: 20 }], () => 110) // prettier-ignore
    expect(both?.map(Math.round)).toEqual([-5, 105])
    // Whom it does not concern stands in the middle.
    const third = leastShift([{ centreMm: 0, playMm: 20 }, { centreMm: 100, playMm: 20 }, { centreMm: 300, playMm: 20 }], (i, j) => (j - i) * 110) // prettier-ignore
    expect(third?.map(Math.round)).toEqual([-5, 105, 300])
  })
})
