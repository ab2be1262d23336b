import { IsoDate, ModelId } from '../../ground/index.ts'
import { reasonOf } from '../speak.ts'
import { ask, buildCase, kindOf } from '../../../test/build.ts'
import { told } from '../../../test/told.ts'
import { measured, type Child, type Mode } from '../../index.ts'

const ID = 'specialist-advice'
const NEWBORN: Partial<Child> = {
  dateOfBirth: IsoDate('2026-09-25'),
  headControl: 'none',
  massKg: measured(4.2),
  bornAtWeeks: 40,
  birthMassKg: measured(3.4),
}
const child = (over: Partial<Child>): Partial<Child> => ({ ...NEWBORN, ...over })
const FLAT: Partial<Mode> = { shape: 'lie-flat', direction: 'lateral' }
const advice = (outcome: NonNullable<Child['advice']>['outcome'], model?: string): Child['advice'] => ({
  by: 'M. Lorne',
  role: 'neonatal nurse',
  on: IsoDate('2026-11-20'),
  outcome,
  ...(model !== undefined && { modelId: ModelId(model) }),
})

test.each<[Partial<Child>, string, readonly string[] | undefined]>([
  [{}, 'pass', undefined],
  [{ bornAtWeeks: 36 }, 'undecided', ['child.advice']],
  [{ bornAtWeeks: 37 }, 'pass', undefined],
  [{ birthMassKg: measured(2.49) }, 'undecided', ['child.advice']],
  [{ birthMassKg: measured(2.5) }, 'pass', undefined],
  [{ birthMassKg: measured(2.5, 0.1) }, 'undecided', ['child.birthMassKg']],
  [{ bornAtWeeks: undefined }, 'undecided', ['child.bornAtWeeks']],
  [{ birthMassKg: undefined }, 'undecided', ['child.birthMassKg']],
  [{ massKg: measured(2.4) }, 'undecided', ['child.advice']],
  [{ massKg: measured(2.5) }, 'pass', undefined],
  [{ massKg: measured(2.5, 0.05) }, 'undecided', ['child.massKg']],
  [{ needsPostureSpecialist: true }, 'undecided', ['child.advice']],
  [{ needsPostureSpecialist: undefined }, 'undecided', ['child.needsPostureSpecialist']],
])('a newborn with %j: %s, missing %j', (over, kind, missing) => {
  const outcome = ask(ID, buildCase({ child: child(over) }))
  expect(outcome).toMatchObject({ kind, ...(missing && { missing }) })
})

/** Born at 33 weeks, seven weeks early: six months of corrected age come at about 7.6 months. */
test.each<[string, Child['headControl'], string]>([
  ['2026-04-10', 'steady', 'undecided'],
  ['2026-04-01', 'steady', 'pass'],
  ['2026-04-01', 'none', 'undecided'],
  ['2026-04-01', undefined, 'undecided'],
])('born at 33 weeks on %s, head control %s: %s', (dateOfBirth, headControl, kind) => {
  const c = buildCase({
    child: child({ dateOfBirth: IsoDate(dateOfBirth), headControl, bornAtWeeks: 33, massKg: measured(7) }),
  })
  expect(kindOf(ID, c)).toBe(kind)
})

test('weeks and birth mass are asked at that age only', () => {
  const unasked = {
    bornAtWeeks: undefined,
    birthMassKg: undefined,
    headControl: 'steady' as const,
    massKg: measured(9),
  }
  const at = (dateOfBirth: string) =>
    ask(ID, buildCase({ child: child({ ...unasked, dateOfBirth: IsoDate(dateOfBirth) }) }))
  expect(at('2026-06-25')).toMatchObject({ missing: ['child.bornAtWeeks', 'child.birthMassKg'] })
  expect(at('2026-05-26')).toMatchObject({ missing: ['child.bornAtWeeks', 'child.birthMassKg'] })
  expect(at('2026-05-25')).toMatchObject({ missing: ['child.bornAtWeeks'] })
  // Past six months only an early birth can still make it too young.
  expect(at('2026-05-01')).toMatchObject({ missing: ['child.bornAtWeeks'] })
  expect(at('2026-01-01')).toMatchObject({ kind: 'pass' })
  expect(at('2025-07-10')).toMatchObject({ kind: 'pass' })
})

test.each([
  ['lie-flat-only', FLAT, 'pass'],
  ['lie-flat-only', {}, 'fail'],
  ['semi-reclined-rearward', {}, 'pass'],
  ['semi-reclined-rearward', FLAT, 'fail'],
  ['semi-reclined-rearward', { direction: 'forward' }, 'fail'],
  ['not-yet-by-car', {}, 'fail'],
  ['not-yet-by-car', FLAT, 'fail'],
] as const)('advised %s, mode %j: %s, and who said so', (outcome, mode, kind) => {
  const said = ask(
    ID,
    buildCase({ child: child({ bornAtWeeks: 33, advice: advice(outcome) }), mode: mode as Partial<Mode> }),
  )
  expect(said).toMatchObject({ kind })
  expect(reasonOf(said)).toContain('M. Lorne (neonatal nurse) advised on 20 Nov 2026')
})

test.each([
  ['2026-05-26', 'undecided'],
  ['2026-05-25', 'pass'],
])('light at birth, born on %s: %s, six months ending on the day', (dateOfBirth, kind) => {
  const over: Partial<Child> = { dateOfBirth: IsoDate(dateOfBirth), headControl: 'steady', birthMassKg: measured(2.4), massKg: measured(7) } // prettier-ignore
  expect(kindOf(ID, buildCase({ child: child(over) }))).toBe(kind)
})

test.each<[string, Partial<Child>, object]>([
  ['born early is advised, whatever the age', { bornAtWeeks: 33 }, { kind: 'pass' }],
  ['light at birth is advised, whatever the age', { birthMassKg: measured(2.4) }, { kind: 'pass' }],
  ['of unknown weeks is asked for its age', { bornAtWeeks: undefined }, { kind: 'undecided', missing: ['child.ageMonths'] }], // prettier-ignore
])('a child of unknown age with advice, %s', (_, over, outcome) => {
  const c = buildCase({
    child: child({ ...over, dateOfBirth: undefined, advice: advice('lie-flat-only') }),
    mode: FLAT,
  })
  expect(ask(ID, c)).toMatchObject(outcome)
})

test('one restraint is that one, and no other', () => {
  const at = (modelId: string) =>
    kindOf(ID, buildCase({ child: child({ needsPostureSpecialist: true, advice: advice('this-restraint', modelId) }) }))
  expect([at('halyard'), at('another')]).toEqual(['pass', 'fail'])
})

test('advice for a child who needs none changes nothing', () => {
  expect(kindOf(ID, buildCase({ child: child({ advice: advice('lie-flat-only') }) }))).toBe('pass')
})

test.each<[string, Partial<Child>]>([
  ['young', {}],
  ['of an age nobody knows', { dateOfBirth: undefined }],
  ['old enough, that holds its head as nobody knows', { dateOfBirth: IsoDate('2026-04-01'), headControl: undefined }],
])('a child %s that nobody has weighed is weighed, though it was born at term and of a good mass', (_, over) => {
  const c = buildCase({ child: child({ massKg: undefined, ...over }) })
  expect(ask(ID, c)).toMatchObject({ kind: 'undecided', missing: ['child.massKg'] })
})
test('an older child that nobody has weighed is not asked for it here', () => {
  const over = { massKg: undefined, dateOfBirth: IsoDate('2026-04-01'), headControl: 'steady' as const }
  expect(kindOf(ID, buildCase({ child: child(over) }))).toBe('pass')
})

test('a mass too close to the line is weighed, not asked of the carer', () => {
  const c = buildCase({ child: child({ massKg: measured(2.5, 0.1) }) })
  expect(told('specialist-advice', c)).toBe(
    'undecided, stop by practice | 2.4 to 2.6 kg, limit 2.5 | asks child.massKg | Whether the mass is low enough to refer the child is too close to tell. → Weigh the child more closely.',
  )
})
