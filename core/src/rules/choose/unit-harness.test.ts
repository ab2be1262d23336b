import { IsoDate } from '../../ground/index.ts'
import { reasonOf, remedyOf } from '../speak.ts'
import {
  ask,
  BOOSTER,
  buildCase,
  buildModel,
  buildStatedMode,
  buildUnit,
  kindOf,
  TODAY,
  buildChild,
} from '../../../test/build.ts'
import {
  DEFAULT_LOCAL_RULE,
  DEFAULT_PRACTICE,
  matchModes,
  measured,
  type Case,
  type RestraintUnit,
} from '../../index.ts'

const convertible = (unit: Partial<RestraintUnit>, isBooster = false): Case => {
  const c = buildCase({ unit, ...(isBooster && { mode: BOOSTER }) })
  const other = isBooster ? buildStatedMode() : buildStatedMode(BOOSTER)
  return { ...c, restraints: [{ ...c.restraints[0]!, modes: [...c.restraints[0]!.modes, other] }] }
}

test.each([
  [{ harness: 'in' }, false, 'pass'],
  [{ harness: 'stowed' }, false, 'fail'],
  [{ harness: undefined }, false, 'undecided'],
  [{ harness: 'stowed' }, true, 'pass'],
  [{ harness: 'in' }, true, 'fail'],
] as const)('unit-harness: %j, booster mode %s: %s', (unit, isBooster, kind) => {
  expect(kindOf('unit-harness', convertible(unit, isBooster))).toBe(kind)
})

test('where it stands wrong it is put right, by its job; where nobody looked it asks', () => {
  const wrong = ask('unit-harness', convertible({ harness: 'stowed' }))
  expect(reasonOf(wrong)).toBe('Unit HY-1 stands with its harness stowed; this mode needs it in.')
  expect(remedyOf(wrong)).toContain('Convert it')
  expect(ask('unit-harness', convertible({}))).toMatchObject({ missing: ['unit.harness'] })
  expect(kindOf('unit-harness', buildCase())).toBe('not-applicable')
})

test('after a conversion to booster the harness mode of the same unit is not permitted as it stands', () => {
  const model = buildModel([
    buildStatedMode({ statureCm: { from: 61, to: 125 }, massKg: { to: 25 } }),
    buildStatedMode(BOOSTER),
  ])
  const circumstances = {
    today: TODAY,
    child: buildChild({ massKg: measured(18), statureCm: measured(108), dateOfBirth: IsoDate('2021-11-01') }),
    practice: DEFAULT_PRACTICE,
    localRule: DEFAULT_LOCAL_RULE,
  }
  const standing = (harness: 'in' | 'stowed') =>
    Object.fromEntries(
      matchModes(circumstances, [
        { model, unit: buildUnit({ harness, direction: harness === 'in' ? 'rearward' : 'forward' }) },
      ]).map((m) => [m.mode.id, m.standing]),
    )
  expect(standing('in')).toMatchObject({ booster: 'convert-first' })
  expect(standing('stowed')).toMatchObject({ rearward: 'convert-first', booster: 'permitted' })
})
