import { ask, buildCase, BOOSTER, kindOf, byMass, ruleById } from '../../../test/build.ts'
import { fittedSubject, measured, type Mode } from '../../index.ts'
import { rangeBounds } from '../rule.ts'

const cushion = (approvedYear?: number): Partial<Mode> => ({
  ...BOOSTER,
  ...byMass(['II', 'III'], { shape: 'booster-cushion' }, approvedYear),
})

test.each([
  [2017, 125, 22, 'pass'],
  [2017, 124.9, 22, 'fail'],
  [2017, 125, 21.9, 'fail'],
  [2016, 118, 16, 'pass'],
  [undefined, 125, 22, 'pass'],
  [undefined, 118, 22, 'undecided'],
] as const)('approved in %s, %s cm and %s kg: %s', (year, cm, kg, kind) => {
  const child = { statureCm: measured(cm), massKg: measured(kg) }
  expect(kindOf('R44-cushion-floor', buildCase({ mode: cushion(year), child }))).toBe(kind)
})

test('unknown year asks for the label; a measure too wide asks for it', () => {
  const child = { statureCm: measured(118), massKg: measured(22) }
  expect(ask('R44-cushion-floor', buildCase({ mode: cushion(), child }))).toMatchObject({
    missing: ['unit.approvalYear'],
  })
  const wide = { statureCm: measured(125, 1), massKg: measured(30) }
  expect(ask('R44-cushion-floor', buildCase({ mode: cushion(2018), child: wide }))).toMatchObject({
    kind: 'undecided',
    missing: ['child.statureCm'],
  })
})

test.each([
  [2016, []],
  [2017, [...rangeBounds('statureCm', 125), ...rangeBounds('massKg', 22)]],
  [undefined, [...rangeBounds('statureCm', 125), ...rangeBounds('massKg', 22)]],
] as const)('a forecast of one approved in %s runs from %j', (year, ends) => {
  const { bounds } = ruleById('R44-cushion-floor')
  expect(bounds!(fittedSubject(buildCase({ mode: cushion(year) })) as never)).toEqual(ends)
})
