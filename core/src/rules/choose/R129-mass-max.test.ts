import { buildCase, kindOf } from '../../../test/build.ts'
import { measured } from '../../index.ts'

test.each([
  [18, 'pass'],
  [18.1, 'fail'],
])('the maker’s 18 kg under UN R129 at %s kg: %s', (kg, kind) => {
  expect(kindOf('R129-mass-max', buildCase({ child: { massKg: measured(kg) } }))).toBe(kind)
})
