import { IsoDate } from '../../ground/index.ts'
import { buildCase, kindOf } from '../../../test/build.ts'

const variant = { label: 'second', madeFrom: IsoDate('2024-01-15'), madeUntil: IsoDate('2025-06-30') }

test.each([
  ['2024-01-14', 'fail'],
  ['2024-01-15', 'pass'],
  ['2025-06-30', 'pass'],
  ['2025-07-01', 'fail'],
  [undefined, 'undecided'],
])('made on %s, for a variant of 15 January 2024 to 30 June 2025: %s', (madeOn, kind) => {
  expect(
    kindOf(
      'unit-variant',
      buildCase({ model: { variant }, unit: { madeOn: madeOn === undefined ? undefined : IsoDate(madeOn) } }),
    ),
  ).toBe(kind)
})

test('a model without variants asks for nothing', () => {
  expect(kindOf('unit-variant', buildCase())).toBe('not-applicable')
  expect(kindOf('unit-variant', buildCase({ model: { variant: { label: 'only a name' } } }))).toBe('not-applicable')
})
