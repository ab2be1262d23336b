import { insertNeeds } from './insert-needs.ts'

const piece = (limits: object) => ({ use: 'ask', insert: { id: 'pad', name: 'pad', thicknessMm: 20, ...limits } }) as never // prettier-ignore
test.each<[object, readonly string[]]>([
  [{}, []],
  [{ requiredUntil: { massKg: 12 } }, ['child.massKg']],
  [{ requiredUntil: { statureCm: 70 } }, ['child.statureCm']],
  [{ allowedUntil: { ageMonths: 6 } }, ['child.ageMonths']],
  [{ requiredUntil: { massKg: 9 }, allowedUntil: { massKg: 12, statureCm: 70 } }, ['child.massKg', 'child.statureCm']],
  [{ allowedUntil: { massKg: 9, statureCm: 70, ageMonths: 6 } }, ['child.massKg', 'child.statureCm', 'child.ageMonths']],
])('a piece with %j needs %j', (limits, needs) => {
  expect(insertNeeds([piece(limits)])).toEqual(needs)
}) // prettier-ignore
test('of several pieces each once; of none nothing', () => {
  const pieces = [piece({ requiredUntil: { massKg: 12 } }), piece({ allowedUntil: { massKg: 9, ageMonths: 6 } })]
  expect(insertNeeds(pieces)).toEqual(['child.massKg', 'child.ageMonths'])
  expect(insertNeeds([])).toEqual([])
})
