import { buildCase, kindOf, byMass } from '../../../test/build.ts'

test.each([
  ['01', 'fail'],
  ['02', 'fail'],
  ['03', 'pass'],
  ['04', 'pass'],
] as const)('UN R44 series %s: %s', (series, kind) => {
  const mode = byMass(['0+'], { approval: { regulation: 'R44', series, groups: ['0+'] } })
  expect(kindOf('R44-series', buildCase({ mode }))).toBe(kind)
})
