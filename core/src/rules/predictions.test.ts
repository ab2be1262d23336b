import { Sequence } from '../ground/index.ts'
import { childComparisons, judgeComparisons } from './predictions.ts'
import { reasonOf, remedyOf } from './speak.ts'
import { ask, BELT_ROUTE, BOOSTER, buildCase, buildPosition, buildRoute, kindOf } from '../../test/build.ts'
import { told } from '../../test/told.ts'
import { fittedSubject, measured, type Case, type CheckId, type Reading, type Route } from '../index.ts'

const driver = buildPosition({ id: 'driver', row: 1, isDriverSeat: true })
const read = (id: CheckId, reading: Partial<Reading>): Case['readings'] => ({ [id]: { at: Sequence(5), ...reading } })
const set = { recline: { value: 'r1', at: Sequence(2) } }
// 36° on 12 ± 1° of slope: 24 ± 1°; ℓ = 600, x₀ = 200: 444 ± 10 mm reached.
const at = (readings: Case['readings'], over: Parameters<typeof buildCase>[0] = {}): Case =>
  buildCase({
    mode: { shellLengthMm: 600, footFromBackrestMm: 200 },
    route: buildRoute({ frontSeat: 'either' }),
    position: {
      cushion: { slopeDeg: measured(12, 1), frontEdgeAboveFloorMm: measured(355) },
      frontClearanceMm: measured(560, 10),
    },
    others: [driver],
    settings: set,
    readings,
    ...over,
  })

describe('at the car: seen-as-worked-out-attach', () => {
  test.each([
    [25.5, 'pass'],
    [26, 'pass'],
    [26.1, 'undecided'],
    [22, 'pass'],
    [21.9, 'undecided'],
  ])('shell worked out 24 ± 1°, measured %s ± 1°: %s', (deg, kind) => {
    expect(kindOf('seen-as-worked-out-attach', at(read('shell-angle-deg', { number: measured(deg, 1) })))).toBe(kind)
  })
  test.each([
    ['clear', 560, 'pass'],
    ['touching', 560, 'undecided'],
    ['pressing', 560, 'undecided'],
    ['clear', 440, 'pass'],
    ['touching', 440, 'pass'],
    ['clear', 400, 'undecided'],
    ['pressing', 400, 'pass'],
  ])('front seat seen %s, worked out from %s mm: %s', (option, mm, kind) => {
    const c = at(read('front-seat', { option }), {
      position: { cushion: { slopeDeg: measured(12, 1) }, frontClearanceMm: measured(mm, 10) },
    })
    expect(kindOf('seen-as-worked-out-attach', c)).toBe(kind)
  })
  test('it holds the verdict, and says what to look at again', () => {
    const outcome = ask('seen-as-worked-out-attach', at(read('shell-angle-deg', { number: measured(31, 1) })))
    expect(reasonOf(outcome)).toBe(
      'Shell angle: calculated 24 ± 1°, found 31 ± 1°. They differ by more than their combined uncertainty: one of them is wrong.',
    )
    expect(remedyOf(outcome)).toContain('the recline that is set')
  })
  test.each([
    [15, 'pass'],
    [40, 'undecided'],
  ])('buckle worked out 15 ± 5 mm above the edge, measured %s: %s', (mm, kind) => {
    const belt = BELT_ROUTE.belt
    if (!belt) throw new Error('the belt route has a belt')
    const route: Route = { ...BELT_ROUTE, belt: { ...belt, pathEdgeAboveBightMm: 110 } }
    const c = buildCase({
      route,
      position: { belt: { kind: 'three-point', buckleTopMm: measured(125, 5) } },
      readings: read('buckle-above-edge-mm', { number: measured(mm, 2) }),
    })
    expect(kindOf('seen-as-worked-out-attach', c)).toBe(kind)
    if (kind === 'undecided') expect(told('seen-as-worked-out-attach', c)).toContain('| asks check.buckle-above-edge-mm, position.belt |') // prettier-ignore
  })
  test('what differs holds the verdict and asks for all that it rests on', () => {
    const pressed = at(read('front-seat', { option: 'pressing' }))
    expect(told('seen-as-worked-out-attach', pressed)).toMatch(/^undecided, fix by practice \| asks check\.front-seat, position\.frontClearanceMm, setting\.recline \| /) // prettier-ignore
    const angled = at(read('shell-angle-deg', { number: measured(31, 1) }))
    expect(told('seen-as-worked-out-attach', angled)).toMatch(/^undecided, fix by practice \| asks check\.shell-angle-deg, setting\.recline, position\.cushionSlopeDeg \| /) // prettier-ignore
  })
  test('nothing worked out, nothing seen, or what went stale: nothing is compared', () => {
    expect(kindOf('seen-as-worked-out-attach', at({}))).toBe('not-applicable')
    expect(
      kindOf('seen-as-worked-out-attach', at(read('shell-angle-deg', { number: measured(31, 1) }), { settings: {} })),
    ).toBe('not-applicable')
    const stale = {
      ...at(read('shell-angle-deg', { number: measured(31, 1) })),
      settings: { recline: { value: 'r1', at: Sequence(9) } },
    }
    expect(kindOf('seen-as-worked-out-attach', stale)).toBe('not-applicable')
    const seenBefore = { ...stale, readings: read('front-seat', { option: 'pressing' }) }
    expect(kindOf('seen-as-worked-out-attach', seenBefore)).toBe('not-applicable')
  })
})

describe('on the child: seen-as-worked-out-child', () => {
  test('a guide is worked out of a booster alone', () => {
    const c = buildCase({
      mode: { beltGuideMm: { fromMm: 330, toMm: 580 } },
      child: { seatedShoulderHeightMm: measured(300, 2) },
      settings: { strapHeightMm: { value: 305, at: Sequence(2) } },
      readings: read('guide-above-shoulder-mm', { number: measured(60, 2) }),
    })
    expect(childComparisons(fittedSubject(c)!)).toEqual([])
  })
  test.each([
    [10, 'pass'],
    [16, 'undecided'],
  ])('guide at 410 over a shoulder at 400 ± 2, measured %s ± 2 mm: %s', (mm, kind) => {
    const c = buildCase({
      mode: { ...BOOSTER, beltGuideMm: { fromMm: 330, toMm: 580 } },
      child: { statureCm: measured(118), seatedShoulderHeightMm: measured(400, 2) },
      settings: { strapHeightMm: { value: 410, at: Sequence(2) } },
      readings: read('guide-above-shoulder-mm', { number: measured(mm, 2) }),
    })
    expect(kindOf('seen-as-worked-out-child', c)).toBe(kind)
  })
  test.each([
    [70, 'pass'],
    [60, 'undecided'],
  ])('edge at 560, crown at 470 and 20 mm of insert, measured %s mm below: %s', (mm, kind) => {
    const c = buildCase({
      mode: {
        shape: 'infant-shell',
        headRule: 'crown-inside',
        shellEdgeMm: 560,
        inserts: [{ id: 'pad', name: 'pad', thicknessMm: 20 }],
      },
      child: { sittingHeightMm: measured(470, 3) },
      settings: { insertsIn: { value: ['pad'], at: Sequence(2) } },
      readings: read('crown-below-edge-mm', { number: measured(mm, 3) }),
    })
    expect(kindOf('seen-as-worked-out-child', c)).toBe(kind)
  })
})

test('of several that differ, one that binds speaks before one that rests on an estimate', () => {
  const one = (checkId: CheckId, agrees: boolean, isBinding: boolean) => ({ checkId, predicted: { lo: 1, hi: 2 }, seen: { lo: 5, hi: 6 }, agrees, isBinding, rests: ['setting.recline'] }) as const // prettier-ignore
  const said = (...comparisons: readonly ReturnType<typeof one>[]) => {
    const o = judgeComparisons(comparisons)
    return o.kind === 'undecided' ? [o.severity, o.check, ...o.missing] : o.kind
  }
  const edge = one('crown-below-edge-mm', false, false)
  const guide = one('guide-above-shoulder-mm', false, true)
  expect(said(edge, guide)).toEqual(['fix', 'guide-above-shoulder-mm', 'check.guide-above-shoulder-mm', 'setting.recline']) // prettier-ignore
  expect(said(guide, edge)).toEqual(said(edge, guide))
  expect(said(edge)).toEqual(['advise', 'crown-below-edge-mm', 'check.crown-below-edge-mm', 'setting.recline'])
  expect(said(one('crown-below-edge-mm', true, false), one('guide-above-shoulder-mm', true, true))).toBe('pass')
  expect(said()).toBe('pass')
})

describe('what the comparisons on the child bind, and what they rest on', () => {
  const of = (shape: 'booster' | 'shell', child: object, reading: Case['readings']) =>
    childComparisons(
      fittedSubject(
        shape === 'booster'
          ? buildCase({ mode: { ...BOOSTER, beltGuideMm: { fromMm: 330, toMm: 580 } }, child: { statureCm: measured(118), ...child }, settings: { strapHeightMm: { value: 410, at: Sequence(2) } }, readings: reading })
          : buildCase({ mode: { shape: 'infant-shell', headRule: 'crown-inside', shellEdgeMm: 560, inserts: [] }, child, readings: reading }),
      )!,
    ) // prettier-ignore
  const guide = read('guide-above-shoulder-mm', { number: measured(10, 2) })
  const crown = read('crown-below-edge-mm', { number: measured(90, 3) })
  test.each([
    ['a shoulder that was measured', 'booster', { seatedShoulderHeightMm: measured(400, 2) }, guide, true, ['setting.strapHeightMm', 'child.seatedShoulderHeightMm']],
    ['one that was estimated', 'booster', { seatedShoulderHeightMm: undefined }, guide, false, ['setting.strapHeightMm', 'child.seatedShoulderHeightMm']],
    ['a sitting height that was measured', 'shell', { sittingHeightMm: measured(470, 3) }, crown, true, ['child.sittingHeightMm', 'setting.insertsIn']],
    ['one that was estimated from the stature', 'shell', {}, crown, false, ['child.sittingHeightMm', 'setting.insertsIn']],
  ] as const)('%s', (_, shape, child, reading, isBinding, rests) => {
    expect(of(shape, child, reading)).toMatchObject([{ isBinding, rests }])
  }) // prettier-ignore
  test('without a shoulder or a sitting height nothing is compared', () => {
    expect(of('booster', { statureCm: undefined, seatedShoulderHeightMm: undefined }, guide)).toEqual([])
    expect(of('shell', { statureCm: undefined }, crown)).toEqual([])
  })
})
