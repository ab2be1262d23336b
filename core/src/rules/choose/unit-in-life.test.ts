import { IsoDate } from '../../ground/index.ts'
import { buildCase, kindOf } from '../../../test/build.ts'

test.each([
  [{ lifeEndsOn: IsoDate('2026-11-25') }, 'pass'],
  [{ lifeEndsOn: IsoDate('2026-11-24') }, 'fail'],
  [{ madeOn: IsoDate('2016-11-25') }, 'pass'],
  [{ madeOn: IsoDate('2016-11-24') }, 'fail'],
  [{ madeOn: undefined }, 'undecided'],
])('%j: life %s', (unit, kind) => {
  expect(kindOf('unit-in-life', buildCase({ unit }))).toBe(kind)
})
