import { reasonOf, remedyOf } from '../speak.ts'
import fc from 'fast-check'
import { ask, buildCase, BOOSTER, kindOf, byMass } from '../../../test/build.ts'
import { measured } from '../../index.ts'

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
    expect(reasonOf(outcome)).toBe(
      '2.4 kg too heavy: 14.6 kg restraint + 20.8 kg child is 35.4 kg; ISOFIX takes 33 kg.',
    )
    expect(remedyOf(outcome)).toBe('Use a belt route or a lighter restraint.')
  })
  test('binds UN R44 too, not a booster whose connectors only steady it', () => {
    expect(
      kindOf(
        'isofix-mass-sum',
        buildCase({
          mode: byMass(['I'], { massKg: { to: 25 } }),
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
