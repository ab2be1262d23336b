import fc from 'fast-check'
import { ask, buildCase, FORWARD, BOOSTER, kindOf } from '../../../test/build.ts'
import { addDays, addMonths, measured, type Mode } from '../../index.ts'

const R44 = (groups: ('0' | '0+' | 'I' | 'II' | 'III')[], over: Partial<Mode> = {}): Partial<Mode> => ({
  approval: { regulation: 'R44', series: '04', groups },
  statureCm: undefined,
  massKg: undefined,
  ...over,
})

describe('UN R129 forward: over 15 months, the day after and not the day', () => {
  test.each([
    [-1, 'fail'],
    [0, 'fail'],
    [1, 'pass'],
  ])('%s days past 15 months: %s', (days, kind) => {
    const dateOfBirth = addMonths(addDays('2026-11-25', -days), -15)
    expect(kindOf('R129-forward-age', buildCase({ mode: FORWARD, child: { dateOfBirth } }))).toBe(kind)
  })
  test.each([
    [{ value: 15, plusMinus: 0, source: 'told' as const }, 'fail'],
    [{ value: 15.2, plusMinus: 0.3, source: 'told' as const }, 'undecided'],
    [undefined, 'undecided'],
  ])('told age %j: %s', (ageMonths, kind) => {
    const c = buildCase({ mode: FORWARD, child: { dateOfBirth: undefined, ageMonths } })
    expect(kindOf('R129-forward-age', c)).toBe(kind)
  })
  test('says nothing of rearward modes, nor of UN R44', () => {
    expect(kindOf('R129-forward-age', buildCase())).toBe('not-applicable')
    expect(kindOf('R129-forward-age', buildCase({ mode: { ...FORWARD, ...R44(['I']) } }))).toBe('not-applicable')
  })
})

test.each([
  [75.9, 0, 'fail'],
  [76, 0, 'pass'],
  [76, 0.5, 'undecided'],
  [76.5, 0.5, 'pass'],
  [75, 0.5, 'fail'],
])('UN R129 forward at %s ± %s cm: %s', (cm, u, kind) => {
  expect(kindOf('R129-forward-stature', buildCase({ mode: FORWARD, child: { statureCm: measured(cm, u) } }))).toBe(kind)
})

test.each([
  [60.9, 'fail'],
  [61, 'pass'],
  [105, 'pass'],
  [105.1, 'fail'],
])('a mode for 61–105 cm at %s cm: %s', (cm, kind) => {
  expect(kindOf('R129-stature-range', buildCase({ child: { statureCm: measured(cm) } }))).toBe(kind)
})

test.each([
  [18, 'pass'],
  [18.1, 'fail'],
])('the maker’s 18 kg under UN R129 at %s kg: %s', (kg, kind) => {
  expect(kindOf('R129-mass-max', buildCase({ child: { massKg: measured(kg) } }))).toBe(kind)
})

test.each([
  [8.9, 0, 'fail'],
  [9, 0, 'pass'],
  [9, 0.1, 'undecided'],
])('UN R44 forward at %s ± %s kg: %s, whatever the mode’s own range', (kg, u, kind) => {
  const mode = { ...FORWARD, ...R44(['I'], { massKg: { from: 8, to: 18 } }) }
  expect(kindOf('R44-forward-floor', buildCase({ mode, child: { massKg: measured(kg, u) } }))).toBe(kind)
})

describe('UN R44 mass groups', () => {
  test.each([
    [['0'], 10, 'pass'],
    [['0'], 10.1, 'fail'],
    [['0+'], 13, 'pass'],
    [['0+'], 13.1, 'fail'],
    [['I'], 8.9, 'fail'],
    [['I'], 18, 'pass'],
    [['I'], 18.1, 'fail'],
    [['II'], 14.9, 'fail'],
    [['II'], 25, 'pass'],
    [['III'], 21.9, 'fail'],
    [['III'], 36.1, 'fail'],
    [['0+', 'I'], 18, 'pass'],
    [['I', 'II', 'III'], 36, 'pass'],
  ] as const)('group %j at %s kg: %s', (groups, kg, kind) => {
    expect(kindOf('R44-mass-range', buildCase({ mode: R44([...groups]), child: { massKg: measured(kg) } }))).toBe(kind)
  })
  test('the mode’s own range wins over the group, and the maker is named', () => {
    const outcome = ask(
      'R44-mass-range',
      buildCase({ mode: R44(['I'], { massKg: { from: 9, to: 25 } }), child: { massKg: measured(24) } }),
    )
    expect(outcome).toMatchObject({ kind: 'pass', source: 'maker', margin: 1 })
  })
})

test.each([
  ['01', 'fail'],
  ['02', 'fail'],
  ['03', 'pass'],
  ['04', 'pass'],
] as const)('UN R44 series %s: %s', (series, kind) => {
  const mode = R44(['0+'], { approval: { regulation: 'R44', series, groups: ['0+'] } })
  expect(kindOf('R44-series', buildCase({ mode }))).toBe(kind)
})

describe('33 kg on ISOFIX', () => {
  test.each([
    [18.4, 'pass'],
    [18.5, 'fail'],
  ])('a 14.6 kg restraint with a child of %s kg: %s', (kg, kind) => {
    const c = buildCase({ model: { massKg: 14.6 }, child: { massKg: measured(kg) }, mode: { massKg: { to: 30 } } })
    expect(kindOf('isofix-mass-sum', c)).toBe(kind)
  })
  test('the refusal says what is too much, and what to do', () => {
    const outcome = ask('isofix-mass-sum', buildCase({ model: { massKg: 14.6 }, child: { massKg: measured(20.8) } }))
    if (outcome === 'not-applicable') throw new Error('applies')
    expect(outcome.reason()).toBe(
      'Needs 2.4 kg less: 14.6 kg restraint + 20.8 kg child is 35.4 kg; ISOFIX takes 33 kg.',
    )
    expect(outcome.remedy?.()).toBe('Use a belt route or a lighter restraint.')
  })
  test('binds UN R44 too, not a booster whose connectors only steady it', () => {
    expect(
      kindOf(
        'isofix-mass-sum',
        buildCase({
          mode: R44(['I'], { massKg: { to: 25 } }),
          model: { massKg: 15 },
          child: { massKg: measured(18.1) },
        }),
      ),
    ).toBe('fail')
    const steadied = { ...BOOSTER.routes![0]!, isofix: { connectors: 'rigid', role: 'steadies' } as const }
    expect(kindOf('isofix-mass-sum', buildCase({ mode: BOOSTER, route: steadied }))).toBe('not-applicable')
  })
  test('a handbook’s own figure stands instead, and is named', () => {
    const c = buildCase({
      model: { massKg: 14 },
      child: { massKg: measured(12) },
      position: { isofix: { bars: 'visible', maxTotalMassKg: 25 } },
    })
    expect(ask('isofix-mass-sum', c)).toMatchObject({ kind: 'fail', source: 'vehicle', limit: 25 })
  })
  test('not weighed is undecided, and says what the restraint would take', () => {
    expect(ask('isofix-mass-sum', buildCase({ child: { massKg: undefined } }))).toMatchObject({
      kind: 'undecided',
      limit: 19,
      missing: ['child.massKg'],
    })
  })
})

test('more mass never makes a mass limit pass', () => {
  const masses = fc.double({ min: 1, max: 60, noNaN: true })
  fc.assert(
    fc.property(masses, masses, fc.constantFrom('R129-mass-max', 'isofix-mass-sum'), (a, b, id) => {
      const [light, heavy] = a < b ? [a, b] : [b, a]
      if (kindOf(id, buildCase({ child: { massKg: measured(light) } })) === 'fail')
        expect(kindOf(id, buildCase({ child: { massKg: measured(heavy) } }))).toBe('fail')
    }),
    { seed: 3, numRuns: 200 },
  )
})

test.each([
  [14.9, 'fail'],
  [15, 'pass'],
])('a maker who asks for 15 months at %s: %s', (months, kind) => {
  const c = buildCase({
    mode: { ageMonths: { from: 15 } },
    child: { dateOfBirth: undefined, ageMonths: measured(months) },
  })
  expect(kindOf('maker-age-range', c)).toBe(kind)
})

test('a maker’s stature range binds a UN R44 mode', () => {
  const mode = R44(['I'], { statureCm: { to: 98 } })
  expect(kindOf('maker-stature-range', buildCase({ mode, child: { statureCm: measured(98) } }))).toBe('pass')
  expect(kindOf('maker-stature-range', buildCase({ mode, child: { statureCm: measured(98.1) } }))).toBe('fail')
})

describe('the unit itself', () => {
  test.each([
    [{ lifeEndsOn: '2026-11-25' }, 'pass'],
    [{ lifeEndsOn: '2026-11-24' }, 'fail'],
    [{ madeOn: '2016-11-25' }, 'pass'],
    [{ madeOn: '2016-11-24' }, 'fail'],
    [{ madeOn: undefined }, 'undecided'],
  ])('%j: life %s', (unit, kind) => {
    expect(kindOf('unit-in-life', buildCase({ unit }))).toBe(kind)
  })
  test.each([
    [{}, 'pass'],
    [{ wasInCrash: true }, 'fail'],
    [{ isRecalled: true }, 'fail'],
    [{ isComplete: false }, 'fail'],
    [{ isHistoryKnown: false }, 'fail'],
    [{ isRecalled: undefined }, 'undecided'],
    [{ wasInCrash: true, isRecalled: undefined }, 'fail'],
  ])('%j: sound %s', (unit, kind) => {
    expect(kindOf('unit-sound', buildCase({ unit }))).toBe(kind)
  })
})

test('medical posture needs stop here; not asked yet is undecided', () => {
  expect(ask('posture-specialist', buildCase({ child: { needsPostureSpecialist: true } }))).toMatchObject({
    kind: 'fail',
  })
  expect(kindOf('posture-specialist', buildCase({ child: { needsPostureSpecialist: undefined } }))).toBe('undecided')
})

test.each([
  [36, '2026-08-25', 'fail'],
  [36, '2026-05-24', 'not-applicable'],
  [37, '2026-08-25', 'not-applicable'],
] as const)('born at %s weeks on %s: preterm care %s', (bornAtWeeks, dateOfBirth, kind) => {
  expect(kindOf('preterm-care', buildCase({ child: { bornAtWeeks, dateOfBirth } }))).toBe(kind)
})
