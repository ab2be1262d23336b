import { buildCase, FORWARD, kindOf } from '../../../test/build.ts'

test.each([
  [76, 'not-applicable'],
  [75, 'undecided'],
])('a forward mode said to begin at %s cm: %s, never used until compared with the manual', (from, kind) => {
  const mode = { ...FORWARD, statureCm: { from, to: 105 } }
  expect(kindOf('catalogue-sound', buildCase({ mode }))).toBe(kind)
})
