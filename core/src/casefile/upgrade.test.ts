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
    readings: { 'base-gap': { option: 'none', at: Sequence(3) } },
  })
  const upgraded = c.restraints[0]!.modes[0]!.routes[0]!
  expect(upgraded).toMatchObject({ without: ['topTether'], gapAccepted: { behindBase: true, underBase: true } })
  expect(upgraded.topTether).toBeUndefined()
  expect(upgraded.staleEdges?.[0]?.unpasses).toEqual(['gap-behind', 'gap-under', 'head'])
  expect(c.readings).toMatchObject({
    'gap-behind': { option: 'none', at: Sequence(3) },
    'gap-under': { option: 'none', at: Sequence(3) },
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
