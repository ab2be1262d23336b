import { BOOSTER, buildCase, buildLeg, buildRoute, FORWARD, TETHER_ROUTE } from '../../test/build.ts'
import { Sequence } from '../ground/index.ts'
import { fittedSubject, measured, recommendSettings, type Case, type Route } from '../index.ts'
import { recommendHeadRestraint } from './recommend-car.ts'

const of = (c: Case, setting: string) => recommendSettings(fittedSubject(c)!).filter((r) => r.setting === setting)

describe('the notch of a leg', () => {
  const notch = (mm: number | undefined, spread = 0, leg = buildLeg()) =>
    of(
      buildCase({
        route: buildRoute({ leg }),
        position: {
          cushion: {
            slopeDeg: measured(12, 1),
            ...(mm !== undefined && { frontEdgeAboveFloorMm: measured(mm, spread) }),
          },
        },
      }),
      'legNotch',
    )
  test('without a height it is measured first', () => {
    expect(notch(undefined)).toEqual([
      {
        setting: 'legNotch',
        kind: 'ask',
        text: 'Measure the cushion’s front edge above the bare floor first',
        because: 'the leg must reach the floor, mat out',
      },
    ])
  })
  test.each([
    [355, 0, 'set', 'Notch 7 of 19'],
    [355, 15, 'choose', 'Notch 5 to 8: the first that stands'],
    [250, 0, 'none', 'The leg is too long for this place'],
    [520, 0, 'none', 'The leg is too short for this place'],
    [480, 15, 'ask', 'Too close to the leg’s end to tell: measure more closely'],
  ])('%s ± %s mm: %s, %s', (mm, spread, kind, text) => {
    expect(notch(mm, spread)).toMatchObject([{ setting: 'legNotch', kind, text }])
  })
  test('why, in the figures of the leg', () => {
    expect(notch(520)[0]?.because).toBe('a leg of 520 mm is needed; it extends from 300 to 480 mm')
    expect(notch(355, 15)[0]?.because).toBe('a leg of 355 ± 15 mm is needed')
  })
  test('a route without a leg has none', () => {
    expect(of(buildCase({ mode: FORWARD, route: TETHER_ROUTE }), 'legNotch')).toEqual([])
  })
})

describe('the head restraint of the car', () => {
  const HOLDS: Route = buildRoute()
  type Way = 'on' | 'off' | 'either'
  const told = (
    over: Parameters<typeof buildCase>[0] = {},
    asks?: Way | undefined,
    readings: Case['readings'] = {},
    now?: 'on' | 'off-and-stowed',
  ) => {
    const c = buildCase({
      route: { ...HOLDS, ...(asks && { vehicleHeadRestraint: asks }) },
      ...over,
      position: { headRestraint: 'removable', ...over.position },
      settings: now ? { vehicleHeadRestraint: { value: now, at: Sequence(2) } } : {},
      readings,
    })
    return recommendHeadRestraint(fittedSubject(c)!).map((r) => `${r.kind} ${'value' in r ? String(r.value) : ''}: ${r.text}, ${r.because}`) // prettier-ignore
  }
  const GAP = { 'gap-behind': { option: 'gap', at: Sequence(3) } }
  const ONLY_WHERE = 'set on: On its seat, the practice profile takes it off only where it pushes against the restraint'
  const OFF = 'set off-and-stowed: Off, stowed in the load space'
  test('where there is none, or nobody has looked, nothing is said', () => {
    expect(told({ position: { headRestraint: 'none' } })).toEqual([])
    expect(told({ position: { headRestraint: undefined } })).toEqual([])
  })
  test('a cushion needs it, and a mode whose ears stay below it, whatever else is said', () => {
    const cushion = 'set on: On its seat, nothing else holds the head on a cushion'
    const mode = { ...BOOSTER, routes: undefined as never }
    expect(told({ mode: { ...mode, shape: 'booster-cushion' }, practice: { vehicleHeadRestraint: 'always-off' } })).toEqual([cushion]) // prettier-ignore
    expect(told({ mode: { ...mode, headRule: 'ears-below-vehicle-head-restraint' } }, 'off')).toEqual([cushion])
    expect(told({ mode: { ...mode } }, 'off')).not.toEqual([cushion])
  })
  test('as the maker asks, where it comes off', () => {
    expect(told({ practice: { vehicleHeadRestraint: 'always-off' } }, 'on')).toEqual(['set on: On its seat, the maker asks for it']) // prettier-ignore
    expect(told({}, 'off')).toEqual([`${OFF}, the maker asks for it`])
    expect(told({ position: { headRestraint: 'adjustable' } }, 'off')).toEqual([
      'none : It does not come off here, the maker asks for it off: another place or route',
    ])
  })
  test('what cannot come off asks nothing', () => {
    expect(told({ position: { headRestraint: 'adjustable' } })).toEqual([])
    expect(told({ position: { headRestraint: 'fixed' } }, undefined, GAP, 'on')).toEqual([])
  })
  test('off where it fouls the shell, by what was seen with it on; and once off it stays off', () => {
    expect(told({}, undefined, GAP, 'on')).toEqual([`${OFF}, it holds the restraint away from the backrest`])
    expect(told({}, undefined, GAP)).toEqual([ONLY_WHERE])
    expect(told({}, undefined, { 'gap-behind': { option: 'no-gap', at: Sequence(3) } }, 'on')).toEqual([ONLY_WHERE])
    expect(told({}, undefined, {}, 'off-and-stowed')).toEqual([`${OFF}, it holds the restraint away from the backrest`])
  })
  test('by the practice profile otherwise, of what holds the child itself', () => {
    expect(told({ practice: { vehicleHeadRestraint: 'always-off' } })).toEqual([`${OFF}, the practice profile takes it off`]) // prettier-ignore
    expect(told({ practice: { vehicleHeadRestraint: 'off-where-it-fouls' } })).toEqual([ONLY_WHERE])
    expect(told({ mode: BOOSTER, practice: { vehicleHeadRestraint: 'always-off' } })).toEqual([ONLY_WHERE])
  })
})
