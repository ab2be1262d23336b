import { buildCase, kindOf } from '../../../test/build.ts'

test.each([
  [{ lifeEndsOn: '2026-11-25' }, 'pass'],
  [{ lifeEndsOn: '2026-11-24' }, 'fail'],
  [{ madeOn: '2016-11-25' }, 'pass'],
  [{ madeOn: '2016-11-24' }, 'fail'],
  [{ madeOn: undefined }, 'undecided'],
])('%j: life %s', (unit, kind) => {
  expect(kindOf('unit-in-life', buildCase({ unit }))).toBe(kind)
})
