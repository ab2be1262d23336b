import { IsoDate } from '../../ground/index.ts'
import { buildCase, FORWARD, kindOf, byMass } from '../../../test/build.ts'
import { addDays, addMonths } from '../../index.ts'

describe('UN R129 forward: over 15 months, the day after and not the day', () => {
  test.each([
    [-1, 'fail'],
    [0, 'fail'],
    [1, 'pass'],
  ])('%s days past 15 months: %s', (days, kind) => {
    const dateOfBirth = addMonths(addDays(IsoDate('2026-11-25'), -days), -15)
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
    expect(kindOf('R129-forward-age', buildCase({ mode: { ...FORWARD, ...byMass(['I']) } }))).toBe('not-applicable')
  })
})
