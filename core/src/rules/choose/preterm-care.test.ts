import { buildCase, kindOf } from '../../../test/build.ts'

test.each([
  [36, '2026-08-25', 'fail'],
  [36, '2026-05-24', 'not-applicable'],
  [37, '2026-08-25', 'not-applicable'],
] as const)('born at %s weeks on %s: preterm care %s', (bornAtWeeks, dateOfBirth, kind) => {
  expect(kindOf('preterm-care', buildCase({ child: { bornAtWeeks, dateOfBirth } }))).toBe(kind)
})
