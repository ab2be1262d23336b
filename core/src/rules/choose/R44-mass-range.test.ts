import { ask, buildCase, kindOf, byMass } from '../../../test/build.ts'
import { measured } from '../../index.ts'

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
    expect(kindOf('R44-mass-range', buildCase({ mode: byMass([...groups]), child: { massKg: measured(kg) } }))).toBe(
      kind,
    )
  })
  test('the mode’s own range wins over the group, and the maker is named', () => {
    const outcome = ask(
      'R44-mass-range',
      buildCase({ mode: byMass(['I'], { massKg: { from: 9, to: 25 } }), child: { massKg: measured(24) } }),
    )
    expect(outcome).toMatchObject({ kind: 'pass', source: 'maker', margin: 1 })
  })
})
