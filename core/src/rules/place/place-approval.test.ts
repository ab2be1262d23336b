import { ModelId, VehicleId } from '../../ground/index.ts'
import { reasonOf, remedyOf } from '../speak.ts'
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
      buildRoute({ scope: 'semi-universal', approvedPlaces: [{ vehicleId: VehicleId('corran-plover'), positionIds }] })
    expect(ask('place-approval', buildCase({ route: listed(['rear-left']) }))).toMatchObject({
      kind: 'pass',
      source: 'maker',
    })
    expect(ask('place-approval', buildCase({ route: listed(['rear-left-2']) }))).toMatchObject({
      kind: 'fail',
      source: 'maker',
    })
  })
  test('on the vehicle maker’s own list it is the handbook that says so', () => {
    const position = { handbook: { isofix: 'IL' as const, listedModelIds: [ModelId('halyard')] } }
    const own = buildCase({ route: buildRoute({ scope: 'semi-universal' }), position })
    expect(ask('place-approval', own)).toMatchObject({ kind: 'pass', source: 'vehicle' })
    const both = buildCase({ route: buildRoute({ scope: 'semi-universal', approvedPlaces: [{ vehicleId: VehicleId('corran-plover'), positionIds: ['rear-left'] }] }), position }) // prettier-ignore
    expect(ask('place-approval', both)).toMatchObject({ kind: 'pass', source: 'maker' })
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

describe('lists and handbook', () => {
  const HERE = [{ vehicleId: VehicleId('corran-plover'), positionIds: ['rear-left'] }]
  const ELSEWHERE = [{ vehicleId: VehicleId('corran-knot'), positionIds: ['rear-left'] }]
  const NOT_HERE = [{ vehicleId: VehicleId('corran-plover'), positionIds: [] }]
  const semi = (approvedPlaces: Route['approvedPlaces']): Route => ({
    ...buildRoute({ scope: 'semi-universal' }),
    approvedPlaces,
  })
  const belted = (approvedPlaces: Route['approvedPlaces']): Route => ({
    ...BELT_ROUTE,
    scope: 'semi-universal',
    approvedPlaces,
  })
  test.each<[string, Route, SeatingPosition['handbook'], string, string[] | undefined]>([
    ['listed, handbook not read', semi(HERE), undefined, 'pass', undefined],
    ['listed, no i-Size mark and IL', semi(HERE), { isofix: 'IL', iSize: 'X' }, 'pass', undefined],
    ['listed, and X for ISOFIX', semi(HERE), { isofix: 'X' }, 'fail', undefined],
    ['listed, and the envelope refused', semi(HERE), { isofix: 'IL', fixtures: ['R1'] }, 'fail', undefined],
    [
      'listed, the list of envelopes speaks of forward only',
      semi(HERE),
      { isofix: 'IL', fixtures: ['F3'] },
      'pass',
      undefined,
    ],
    ['listed, and no envelope taken at all', semi(HERE), { isofix: 'IL', fixtures: [] }, 'fail', undefined],
    ['listed, and no leg permitted', semi(HERE), { table: { legPermitted: false } }, 'fail', undefined],
    ['the list not read', semi(undefined), undefined, 'undecided', ['position.handbook', 'route.approvedPlaces']],
    [
      'a list of other cars says nothing of this one',
      semi(ELSEWHERE),
      undefined,
      'undecided',
      ['position.handbook', 'route.approvedPlaces'],
    ],
    ['an empty list lists none', semi([]), { isofix: 'IUF' }, 'fail', undefined],
    ['not listed, and the letters say IUF', semi(NOT_HERE), { isofix: 'IUF' }, 'fail', undefined],
    [
      'not listed, IL, the car’s own list not read',
      semi(NOT_HERE),
      { isofix: 'IL' },
      'undecided',
      ['position.handbook'],
    ],
    [
      'not listed, on the car’s own list',
      semi(NOT_HERE),
      { isofix: 'IL', listedModelIds: [ModelId('halyard')] },
      'pass',
      undefined,
    ],
    ['not listed on either', semi(NOT_HERE), { isofix: 'IL', listedModelIds: [] }, 'fail', undefined],
    ['belt, listed and L', belted(HERE), { beltGroups: { I: 'L' } }, 'pass', undefined],
    [
      'belt, listed and X for the child’s groups',
      belted(HERE),
      { beltGroups: { I: 'X', II: 'X', '0': 'X', '0+': 'X' } },
      'fail',
      undefined,
    ],
    [
      'belt, listed and UF',
      belted(HERE),
      { beltGroups: { I: 'UF', II: 'UF', '0': 'UF', '0+': 'UF' } },
      'pass',
      undefined,
    ],
  ])('%s', (_, route, handbook, kind, missing) => {
    const said = ask('place-approval', buildCase({ route, position: { handbook } }))
    expect(said).toMatchObject({ kind, ...(missing && { missing }) })
  })
  test('a refusal against a list names both, and whom to ask', () => {
    const said = ask('place-approval', buildCase({ route: semi(HERE), position: { handbook: { isofix: 'X' } } }))
    expect(said.source).toBe('vehicle')
    expect(reasonOf(said)).toBe(
      'This place is on the restraint maker’s list, and the handbook refuses: it marks the place X for ISOFIX.',
    )
    expect(remedyOf(said)).toContain('Ask both makers')
  })
  test.each([
    [{ table: { universalBelted: true } }, 'pass'],
    [{ table: { universalBelted: false } }, 'fail'],
    [{ table: { universalBelted: false }, beltGroups: { I: 'U' as const } }, 'fail'],
    [{ table: {} }, 'undecided'],
  ])('the newer handbook, universal by belt, %j: %s', (handbook, kind) => {
    expect(kindOf('place-approval', buildCase({ route: BELT_ROUTE, position: { handbook } }))).toBe(kind)
  })
  test('marked i-Size and X for ISOFIX: the handbook is read again', () => {
    expect(ask('place-approval', buildCase({ position: { handbook: { iSize: 'i-U', isofix: 'X' } } }))).toMatchObject({
      kind: 'undecided',
      missing: ['position.handbook'],
    })
  })
})

describe('the envelope of a route held by ISOFIX', () => {
  const kind = (route: Route, handbook: SeatingPosition['handbook']) =>
    kindOf('place-envelope', buildCase({ route, position: { handbook } }))
  const universal = (fixture?: Route['fixture']): Route => ({ ...buildRoute({ scope: 'universal' }), fixture })
  test.each<[string, Route, SeatingPosition['handbook'], string]>([
    ['not stated, i-Size at an i-Size place', { ...buildRoute(), fixture: undefined }, { iSize: 'i-U' }, 'pass'],
    ['not stated, elsewhere', universal(), { isofix: 'IUF' }, 'undecided'],
    ['taken', universal('R2'), { fixtures: ['R3'] }, 'pass'],
    ['not taken', universal('R3'), { fixtures: ['R2'] }, 'fail'],
    ['the list speaks of other kinds', universal('R2'), { fixtures: ['F3', 'B2'] }, 'undecided'],
    ['the newer table takes it', universal('R2'), { table: { rearward: 'R3' } }, 'pass'],
    ['the newer table refuses it', universal('R3'), { table: { rearward: 'R2' } }, 'fail'],
    [
      'list and table differ: the refusal stands',
      universal('R2'),
      { fixtures: ['R3'], table: { rearward: 'none' } },
      'fail',
    ],
  ])('%s', (_, route, handbook, expected) => expect(kind(route, handbook)).toBe(expected))
})
