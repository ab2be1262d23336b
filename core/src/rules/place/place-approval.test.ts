import { ask, buildCase, FORWARD, kindOf, buildRoute, BELT_ROUTE, TETHER_ROUTE } from '../../../test/build.ts'
import { measured, type Route, type SeatingPosition } from '../../index.ts'

const at = (position: Partial<SeatingPosition>, parts: Parameters<typeof buildCase>[0] = {}): string =>
  kindOf('place-approval', buildCase({ ...parts, position }))

describe('approval scope', () => {
  test.each([
    ['i-U', 'pass'],
    ['i-UF', 'fail'],
    ['X', 'fail'],
    [undefined, 'undecided'],
  ] as const)('a rearward i-Size route at a place marked %s: %s', (iSize, kind) => {
    expect(at({ handbook: { iSize } })).toBe(kind)
  })
  test('forward, i-UF is enough', () => {
    expect(at({ handbook: { iSize: 'i-UF' } }, { mode: FORWARD, route: TETHER_ROUTE })).toBe('pass')
  })
  test('semi-universal: the car and place stand on the maker’s list, or not', () => {
    const listed = (positionIds: string[]): Route =>
      buildRoute({ scope: 'semi-universal', approvedPlaces: [{ vehicleId: 'corran-plover', positionIds }] })
    expect(ask('place-approval', buildCase({ route: listed(['rear-left']) }))).toMatchObject({
      kind: 'pass',
      source: 'maker',
    })
    expect(ask('place-approval', buildCase({ route: listed(['rear-left-2']) }))).toMatchObject({
      kind: 'fail',
      source: 'maker',
    })
  })
  const r44 = {
    approval: { regulation: 'R44', series: '04', groups: ['0+', 'I'] },
    statureCm: undefined,
    massKg: undefined,
  } as const
  const groups = (g: object) => ({ handbook: { beltGroups: g } })
  test.each([
    [11, groups({ '0+': 'U', I: 'UF' }), 'fail'],
    [11, groups({ '0+': 'U', I: 'U' }), 'pass'],
    [11, groups({ '0+': 'U' }), 'undecided'],
    [8, groups({ '0+': 'U' }), 'pass'],
    [8, groups({ '0+': 'X', I: 'U' }), 'fail'],
    [8, { handbook: undefined }, 'undecided'],
  ])('UN R44 rearward by belt, %s kg, letters %j: %s', (kg, position, kind) => {
    const c = {
      mode: { ...r44, approval: { ...r44.approval, groups: [...r44.approval.groups] } },
      route: BELT_ROUTE,
      child: { massKg: measured(kg) },
    }
    expect(at(position as Partial<SeatingPosition>, c)).toBe(kind)
  })
  test.each([
    ['rearward', groups({ '0+': 'X', I: 'UF', III: 'U' }), 'fail'],
    ['rearward', groups({ '0+': 'U', I: 'UF' }), 'pass'],
    ['rearward', groups({ I: 'UF' }), 'undecided'],
    ['forward', groups({ '0+': 'X', I: 'UF' }), 'pass'],
    ['forward', groups({ '0+': 'U', I: 'L' }), 'fail'],
  ] as const)('UN R129 %s by belt at 10.4 kg, letters %j: %s', (direction, position, kind) => {
    const mode = direction === 'forward' ? FORWARD : {}
    expect(at(position as Partial<SeatingPosition>, { mode, route: BELT_ROUTE })).toBe(kind)
  })
  test('ISOFIX universal forward needs IUF', () => {
    const route: Route = { ...TETHER_ROUTE, scope: 'universal' }
    expect(at({ handbook: { isofix: 'IUF' } }, { mode: FORWARD, route })).toBe('pass')
    expect(at({ handbook: { isofix: 'IL' } }, { mode: FORWARD, route })).toBe('fail')
    expect(at({ handbook: {} }, { mode: FORWARD, route })).toBe('undecided')
  })
})
