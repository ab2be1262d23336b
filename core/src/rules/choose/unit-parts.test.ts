import { IsoDate, UnitId } from '../../ground/index.ts'
import { ask, buildCase, buildRoute, buildUnit, kindOf } from '../../../test/build.ts'
import { caseSchema, parseWith, type Case, type RestraintUnit } from '../../index.ts'

const parts = [
  { id: 'shell', name: 'Shell', massKg: 5 },
  { id: 'base', name: 'Base', massKg: 9 },
]
function twoUnits(shell: Partial<RestraintUnit>, base?: Partial<RestraintUnit>, usesBase = true): Case {
  const c = buildCase({ model: { parts }, unit: shell, route: buildRoute({ usesBase }) })
  if (base === undefined) return c
  const baseUnit = buildUnit({ id: UnitId('unit-2'), serial: 'B-9', partId: 'base', ...base })
  return { ...c, units: [...c.units!, baseUnit], choice: { ...c.choice, baseUnitId: UnitId('unit-2') } }
}

test.each<[string, Case, string]>([
  ['the set under one serial', twoUnits({}), 'not-applicable'],
  ['shell, base not named', twoUnits({ partId: 'shell' }), 'undecided'],
  ['shell on a sound base', twoUnits({ partId: 'shell' }, {}), 'pass'],
  ['base from a crash', twoUnits({ partId: 'shell' }, { wasInCrash: true }), 'fail'],
  ['base recalled', twoUnits({ partId: 'shell' }, { isRecalled: true }), 'fail'],
  ['base past its life', twoUnits({ partId: 'shell' }, { lifeEndsOn: IsoDate('2026-11-24') }), 'fail'],
  ['base on its last day', twoUnits({ partId: 'shell' }, { lifeEndsOn: IsoDate('2026-11-25') }), 'pass'],
  ['base of unknown history', twoUnits({ partId: 'shell' }, { isHistoryKnown: undefined }), 'undecided'],
  ['a second shell for a base', twoUnits({ partId: 'shell' }, { partId: 'shell' }), 'fail'],
  ['a base alone', twoUnits({ partId: 'base' }), 'fail'],
  ['the shell alone, by a route without a base', twoUnits({ partId: 'shell' }, undefined, false), 'pass'],
])('unit-parts: %s', (_, c, kind) => {
  expect(kindOf('unit-parts', c)).toBe(kind)
})

test('which base: asked by name; parts that do not add up are refused with their path', () => {
  expect(ask('unit-parts', twoUnits({ partId: 'shell' }))).toMatchObject({ missing: ['unit.base'] })
  const fault = (base: number) => {
    const c = buildCase({ model: { parts: [parts[0]!, { ...parts[1]!, massKg: base }] } })
    const parsed = parseWith(caseSchema, JSON.parse(JSON.stringify(c)))
    return parsed.ok ? [] : parsed.error.map((f) => `${f.path} ${f.message}`)
  }
  expect(fault(9.05)).toEqual([])
  expect(fault(9.06)).toEqual(['$.restraints[0].parts add up to 14.06 kg, not to 14 kg'])
})
