import { IsoDate, Sequence } from '../ground/index.ts'
import { buildCase, buildRoute, TETHER_ROUTE, withEverythingGood } from '../../test/build.ts'
import {
  assess,
  caseSchema,
  CASE_VERSION,
  parseWith,
  upgradeCase,
  upgradeCatalogue,
  upgradeChanges,
  upgradeModel,
  type Case,
} from '../index.ts'

const VERSION_1 = {
  ...JSON.parse(JSON.stringify(buildCase({ unstated: true, route: TETHER_ROUTE }))),
  version: 1,
}
const opened = (document: unknown): Case => {
  const parsed = parseWith(caseSchema, upgradeCase(document))
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.error))
  return parsed.value
}

test('version 1 opens, and what it does not state is unknown', () => {
  const c = opened(VERSION_1)
  expect(c.version).toBe(CASE_VERSION)
  expect(assess(c).verdict).toBe('undecided')
  expect(assess(c).measureNext.map((n) => n.need)).toEqual(
    expect.arrayContaining(['mode.inserts', 'route.leg', 'route.lowerTethers']),
  )
})

test('what changed its name or form is carried over', () => {
  const route = {
    ...buildRoute(),
    topTether: { use: 'not-used' },
    gapAccepted: true,
    staleEdges: [{ change: 'recline', unpasses: ['base-gap', 'head'] }],
  }
  const [mode] = (VERSION_1.restraints as { modes: object[] }[])[0]!.modes
  const { knees: _knees, ...practice } = VERSION_1.practice as Record<string, unknown>
  const c = opened({
    ...VERSION_1,
    practice,
    restraints: [{ ...VERSION_1.restraints[0], modes: [{ ...mode, routes: [route] }] }],
    choice: { ...VERSION_1.choice, routeId: route.id },
    readings: { 'base-gap': { option: 'none', at: Sequence(3) }, head: { option: 'inside', at: Sequence(4) } },
  })
  const upgraded = c.restraints[0]!.modes[0]!.routes[0]!
  expect(upgraded).toMatchObject({ without: ['topTether'], gapAccepted: { behindBase: true, underBase: true } })
  expect(upgraded.topTether).toBeUndefined()
  expect(upgraded.staleEdges?.[0]?.unpasses).toEqual(['gap-behind', 'gap-under', 'head'])
  expect(c.readings).toMatchObject({
    'gap-behind': { option: 'none', at: Sequence(3) },
    'gap-under': { option: 'none', at: Sequence(3) },
    head: { option: 'inside', at: Sequence(4) },
  })
  expect(c.practice.knees).toBe('must-bend')
})

test('parts that do not add up are kept in the note; a unit of the future loses its day', () => {
  const model = upgradeModel({ ...VERSION_1.restraints[0], parts: [{ id: 'base', name: 'Base', massKg: 3 }] }) as {
    parts?: unknown
    note: string
  }
  expect(model.parts).toBeUndefined()
  expect(model.note).toContain('Base 3 kg')
  const c = opened({ ...VERSION_1, units: [{ ...VERSION_1.units[0], madeOn: IsoDate('2027-01-01') }] })
  expect(c.units![0]!.madeOn).toBeUndefined()
})

test('today’s documents, and what is none at all, pass through untouched', () => {
  const now = withEverythingGood(buildCase())
  for (const x of [now, null, 'text', 7, [], { version: 4 }]) {
    expect(upgradeCase(x)).toBe(x)
    expect(upgradeCatalogue(x)).toBe(x)
  }
})

test('a stored history is read in today’s words', () => {
  expect(
    upgradeChanges([{ path: ['readings', 'base-gap'], from: null, to: { option: 'none', at: Sequence(4) } }]).map(
      (c) => c.path,
    ),
  ).toEqual([
    ['readings', 'gap-behind'],
    ['readings', 'gap-under'],
  ])
  const [practice] = upgradeChanges([{ path: ['practice'], from: null, to: { id: 'p' } }])
  expect(practice!.to).toMatchObject({ knees: 'must-bend' })
  const untouched = { path: ['child', 'massKg'], from: null, to: 1 }
  expect(upgradeChanges([untouched])).toEqual([untouched])
})

describe('parts of a restraint that once did not have to add up', () => {
  const part = (massKg: number, name = 'Base') => ({ id: name.toLowerCase(), name, massKg })
  const model = (massKg: number, parts: unknown, note?: string) => ({ ...VERSION_1.restraints[0], massKg, parts, note })
  const upgraded = (x: unknown) => upgradeModel(x) as { readonly parts?: unknown; readonly note?: string }
  test.each<[string, unknown, boolean]>([
    ['none', [], true],
    ['no list', undefined, true],
    ['exactly', [part(3), part(4, 'Shell')], true],
    ['within the tolerance above', [part(3), part(4.05, 'Shell')], true],
    ['within the tolerance below', [part(3), part(3.95, 'Shell')], true],
    ['over it', [part(3), part(4.06, 'Shell')], false],
    ['under it', [part(3), part(3.94, 'Shell')], false],
  ])('%s: kept as they were', (_, parts, isKept) => {
    const of = upgraded(model(7, parts))
    expect(of.parts).toEqual(isKept ? parts : undefined)
    expect(of.note).toBe(
      isKept ? undefined : `Parts once entered, which do not add up: Base 3 kg, Shell ${(parts as { massKg: number }[])[1]!.massKg} kg.`, // prettier-ignore
    )
  })
  test('after a note that was there, as much of it as a note holds', () => {
    expect(upgraded(model(7, [part(1)], 'Red.')).note).toBe('Red. Parts once entered, which do not add up: Base 1 kg.')
    expect(upgraded(model(7, [part(1)], 'x'.repeat(990))).note).toHaveLength(1000)
  })
})
describe('each old word, and only it', () => {
  const route = (over: object) => ({ ...buildRoute(), ...over })
  const routeNow = (over: object) =>
    (upgradeModel({ modes: [{ id: 'm', routes: [route(over)] }] }) as { modes: { routes: object[] }[] }).modes[0]!.routes[0] // prettier-ignore
  test.each<[string, object, object]>([
    ['a tether that is used', { topTether: { use: 'required' } }, { topTether: { use: 'required' } }],
    ['a tether that is not', { topTether: { use: 'not-used' }, without: ['leg'] }, { topTether: undefined, without: ['leg', 'topTether'] }],
    ['no tether', {}, {}],
    ['a gap that may stay', { gapAccepted: true }, { gapAccepted: { behindBase: true, underBase: true } }],
    ['a gap that may not', { gapAccepted: false }, { gapAccepted: { behindBase: false, underBase: false } }],
    ['gaps as they are told today', { gapAccepted: { behindBase: true, underBase: false } }, { gapAccepted: { behindBase: true, underBase: false } }],
    ['edges that are none', { staleEdges: ['x', { change: 'recline' }] }, { staleEdges: ['x', { change: 'recline' }] }],
    ['no list of edges', { staleEdges: 'x' }, { staleEdges: 'x' }],
  ])('%s', (_, over, now) => {
    expect(routeNow(over)).toEqual({ ...buildRoute(), ...over, ...now })
    expect(Object.keys(routeNow({}) as object).toSorted()).toEqual(Object.keys(buildRoute()).toSorted())
  }) // prettier-ignore
  test('edges of a mode are read like those of a route; a mode that has none gets none', () => {
    const modes = [
      { id: 'a', staleEdges: [{ change: 'recline', unpasses: ['base-gap'] }] },
      { id: 'b', routes: [] },
      { id: 'c', routes: 'x' },
      'd',
    ]
    expect(upgradeModel({ modes })).toEqual({
      modes: [{ id: 'a', staleEdges: [{ change: 'recline', unpasses: ['gap-behind', 'gap-under'] }] }, ...modes.slice(1)],
    }) // prettier-ignore
    expect(upgradeModel({ modes: 'x' })).toEqual({ modes: 'x' })
  })
  test.each<[string | undefined, string, boolean]>([
    [undefined, '2026-11-25', true],
    ['2026-11-25', '2026-11-25', true],
    ['2026-11-24', '2026-11-25', true],
    ['2026-11-26', '2026-11-25', false],
  ])('a unit made %s, of a case of %s, keeps its day: %s', (madeOn, today, keeps) => {
    const unit = { id: 'u', ...(madeOn !== undefined && { madeOn }) }
    expect((upgradeCase({ version: 1, today, units: [unit, 'x'] }) as { units: unknown }).units).toEqual([keeps ? unit : { id: 'u' }, 'x']) // prettier-ignore
  })
  test('a document that leaves them out gets none of them', () => {
    expect(upgradeCase({ version: 1 })).toEqual({ version: CASE_VERSION })
    expect(upgradeCase({ version: 1, restraints: 1, units: 1, readings: 1, practice: 1 })).toEqual({ version: CASE_VERSION, restraints: 1, units: 1, readings: 1, practice: 1 }) // prettier-ignore
    expect(upgradeCatalogue({ version: 1 })).toEqual({ version: CASE_VERSION })
    expect(upgradeCatalogue({ version: 1, models: [{ modes: [{ id: 'a', staleEdges: [{ unpasses: ['base-gap'] }] }] }] })).toEqual({ version: CASE_VERSION, models: [{ modes: [{ id: 'a', staleEdges: [{ unpasses: ['gap-behind', 'gap-under'] }] }] }] }) // prettier-ignore
  })
  test('of version 2 nothing but the number changes', () => {
    const two = { version: 2, models: [{ modes: [{ routes: [{ gapAccepted: true }] }] }], restraints: 1, readings: { 'base-gap': 1 } } // prettier-ignore
    expect(upgradeCase(two)).toEqual({ ...two, version: CASE_VERSION })
    expect(upgradeCatalogue(two)).toEqual({ ...two, version: CASE_VERSION })
  })
  test('a check that stood under its new name already is not written over; a profile keeps its answer', () => {
    expect(upgradeCase({ version: 1, readings: { 'base-gap': 'old', 'gap-under': 'new' } })).toEqual({ version: CASE_VERSION, readings: { 'gap-behind': 'old', 'gap-under': 'new' } }) // prettier-ignore
    expect(upgradeCase({ version: 1, practice: { knees: 'advised' } })).toEqual({ version: CASE_VERSION, practice: { knees: 'advised' } }) // prettier-ignore
  })
  test('a history of restraints is read through, both sides; of other records nothing', () => {
    const was = [{ modes: [{ id: 'a', staleEdges: [{ unpasses: ['base-gap'] }] }] }]
    const now = [{ modes: [{ id: 'a', staleEdges: [{ unpasses: ['gap-behind', 'gap-under'] }] }] }]
    expect(upgradeChanges([{ path: ['restraints'], from: was, to: was }])).toEqual([{ path: ['restraints'], from: now, to: now }]) // prettier-ignore
    expect(upgradeChanges([{ path: ['restraints'], from: null, to: was }])).toEqual([{ path: ['restraints'], from: null, to: now }]) // prettier-ignore
    const others = [
      { path: ['stepsDone', 'base-gap'], from: null, to: { at: Sequence(2) } },
      { path: ['readings', 'tug-left'], from: null, to: { option: 'held' } },
      { path: ['readings'], from: null, to: {} },
      { path: ['vehicle'], from: null, to: was },
    ]
    expect(upgradeChanges(others)).toEqual(others)
  })
})
