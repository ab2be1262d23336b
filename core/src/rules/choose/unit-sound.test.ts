import { buildCase, kindOf } from '../../../test/build.ts'

test.each([
  [{}, 'pass'],
  [{ wasInCrash: true }, 'fail'],
  [{ isRecalled: true }, 'fail'],
  [{ isComplete: false }, 'fail'],
  [{ isHistoryKnown: false }, 'fail'],
  [{ isRecalled: undefined }, 'undecided'],
  [{ wasInCrash: true, isRecalled: undefined }, 'fail'],
])('%j: sound %s', (unit, kind) => {
  expect(kindOf('unit-sound', buildCase({ unit }))).toBe(kind)
})
