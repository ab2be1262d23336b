import { buildCase, kindOf } from '../../../test/build.ts'
import { measured } from '../../index.ts'

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
