import { Sequence } from '../../ground/index.ts'
import { buildCase, kindOf } from '../../../test/build.ts'

test.each([
  [{ sidePod: true }, {}, 'door-side', 'pass'],
  [{ sidePod: true }, {}, 'other', 'fail'],
  [{ sidePod: true }, {}, 'unsure', 'undecided'],
  [{ sidePod: true }, { side: 'centre' as const }, 'door-side', 'not-applicable'],
  [{}, {}, 'door-side', 'not-applicable'],
])('a mode with %j, place %j, seen %s: %s', (mode, position, option, kind) => {
  expect(kindOf('side-pod', buildCase({ mode, position, readings: { 'side-pod': { option, at: Sequence(2) } } }))).toBe(
    kind,
  )
})
