import { reasonOf } from '../speak.ts'
import { ask, buildCase, kindOf, buildPosition, BELT_ROUTE } from '../../../test/build.ts'
import { measured, type Route, type SeatingPosition } from '../../index.ts'

test('lying across needs a second place beside this one, in the same row and facing forward', () => {
  const route: Route = { ...BELT_ROUTE, seatsTaken: 2 }
  const beside = (over: Partial<SeatingPosition>) => [
    buildPosition({ id: 'middle', label: 'Middle', lateralCentreMm: 0, ...over }),
  ]
  const kind = (others: readonly SeatingPosition[]) =>
    kindOf('place-two-adjacent', buildCase({ route, others, mode: { direction: 'lateral' } }))
  expect(kind(beside({}))).toBe('pass')
  expect(kind([])).toBe('fail')
  expect(kind(beside({ row: 3 }))).toBe('fail')
  expect(kind(beside({ lateralCentreMm: 141 }))).toBe('fail')
  expect(kind(beside({ facing: 'sideways' }))).toBe('fail')
  expect(kind(beside({ isDriverSeat: true }))).toBe('fail')
})

describe('both places are judged, with every belt that the route uses', () => {
  const route: Route = {
    ...BELT_ROUTE,
    seatsTaken: 2,
    belt: {
      ...BELT_ROUTE.belt!,
      requiredLengthMm: 1900,
      path: [{ section: 'lap', mark: 'strap', side: 'centre', how: 'through', place: 'head-end' }],
    },
  }
  const threePoint = (mm: number) => ({ kind: 'three-point' as const, usableLengthMm: measured(mm, 10) })
  const second = (over: Partial<SeatingPosition>) =>
    ask(
      'place-two-adjacent',
      buildCase({
        route,
        mode: { direction: 'lateral', shape: 'lie-flat' },
        others: [buildPosition({ id: 'middle', label: 'Middle', lateralCentreMm: 0, side: 'centre', ...over })],
      }),
    )
  test.each<[string, Partial<SeatingPosition>, string, string[] | undefined]>([
    ['a lap belt where three points are needed', { belt: { kind: 'lap' } }, 'fail', undefined],
    ['a belt too short', { belt: threePoint(1880) }, 'fail', undefined],
    ['a belt too close to tell', { belt: threePoint(1905) }, 'undecided', ['position.belt']],
    ['a belt long enough', { belt: threePoint(1910) }, 'pass', undefined],
    ['no belt', { belt: { kind: 'none' } }, 'fail', undefined],
    ['a belt that nobody has looked at', { belt: undefined }, 'undecided', ['position.belt']],
    ['X in the handbook', { handbook: { beltGroups: { I: 'X', II: 'X', '0': 'X', '0+': 'X' } } }, 'fail', undefined],
    ['letters not read', { handbook: undefined }, 'undecided', ['position.handbook']],
    ['an airbag that nobody has looked for, in the back', { frontAirbag: undefined }, 'pass', undefined],
    ['an airbag that cannot be switched off', { frontAirbag: 'cannot-be-switched-off' }, 'fail', undefined],
  ])('%s', (_, over, kind, missing) => {
    const said = second(over)
    expect(said).toMatchObject({ kind, ...(missing && { missing }) })
    if (kind !== 'pass') expect(reasonOf(said)).toContain('Middle, the second place:')
  })
  test('whether it takes one place or two is asked of what lies across', () => {
    expect(
      ask(
        'place-two-adjacent',
        buildCase({ route: { ...BELT_ROUTE }, mode: { direction: 'lateral', shape: 'lie-flat' } }),
      ),
    ).toMatchObject({ kind: 'fail' })
  })
})
