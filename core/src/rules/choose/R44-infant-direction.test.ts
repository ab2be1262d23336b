import { buildCase, kindOf, byMass } from '../../../test/build.ts'

test.each([
  [['0'], 'rearward', 'pass'],
  [['0+'], 'lateral', 'pass'],
  [['0', '0+'], 'forward', 'fail'],
  [['0+', 'I'], 'forward', 'not-applicable'],
] as const)('groups %j %s: %s', (groups, direction, kind) => {
  expect(kindOf('R44-infant-direction', buildCase({ mode: byMass([...groups], { direction }) }))).toBe(kind)
})
