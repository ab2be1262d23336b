import { VehicleId } from '../ground/index.ts'
import { eachPlace, type ArrangeRequest, type PlaceAnswer } from '../index.ts'
import { question, place, toddler, ROW } from '../../test/arrange/plain.ts'

/** What every place says in the end, by place. */
function answers(request: ArrangeRequest, riderId: string): ReadonlyMap<string, PlaceAnswer> {
  const said = new Map<string, PlaceAnswer>()
  for (const answer of eachPlace(request, VehicleId('car'), riderId)) if (answer) said.set(answer.positionId, answer)
  return said
}
const verdicts = (request: ArrangeRequest, riderId: string) =>
  Object.fromEntries([...answers(request, riderId)].map(([id, a]) => [id, a.verdict]))

test('every place of the car has its word, also one where somebody is pinned', () => {
  const pins: ArrangeRequest['pins'] = [
    { kind: 'child-at', childId: 'bay', positionId: 'centre', vehicleId: VehicleId('car') },
  ]
  const said = answers(question({ pins }), 'ash')
  expect(Object.fromEntries([...said].map(([id, a]) => [id, a.verdict]))).toEqual({ left: 'fits', centre: 'does-not-fit', right: 'fits' }) // prettier-ignore
  // The fewest facts beside this one that cannot all stand: the other, and where it is pinned.
  expect(said.get('centre')?.why).toEqual({ kind: 'beside', facts: expect.arrayContaining([{ kind: 'pin', index: 0 }]) }) // prettier-ignore
})

test('carried away from its own pin, that pin says nothing', () => {
  const pins: ArrangeRequest['pins'] = [
    { kind: 'child-at', childId: 'ash', positionId: 'centre', vehicleId: VehicleId('car') },
  ]
  expect(verdicts(question({ pins }), 'ash')).toEqual({ left: 'fits', centre: 'fits', right: 'fits' })
})

test('the driver’s place, and one that is taken, say so', () => {
  const driver = place('left', { id: 'driver', row: 1, isDriverSeat: true })
  const taken = [{ vehicleId: VehicleId('car'), positionId: 'right' }]
  const said = answers(question({ places: [driver, ...ROW], taken: taken }), 'ash')
  expect(said.get('driver')?.why).toEqual({ kind: 'driver' })
  expect(said.get('right')?.why).toEqual({ kind: 'taken' })
})

test('a place that no rule lets anything stand at says which rule', () => {
  const lap = place('centre', { belt: { kind: 'lap', retractor: 'emergency-locking' } })
  const why = answers(question({ places: [ROW[0]!, lap, ROW[2]!] }), 'ash').get('centre')?.why
  expect(why).toMatchObject({ kind: 'rule', ruleId: 'place-belt-kind' })
  expect(why?.kind === 'rule' && why.reason.length > 0).toBe(true)
})

test('a child whom nothing suits is told so, whatever the place', () => {
  const giant = { ...toddler('ash'), massKg: { value: 60, plusMinus: 0.1, source: 'measured' as const } }
  const said = answers(question({ children: [giant, toddler('bay')] }), 'ash')
  expect([...said.values()].map((a) => a.why?.kind)).toEqual(['nothing-suits', 'nothing-suits', 'nothing-suits'])
})

test('what is not known is perhaps, with what to measure', () => {
  const open = ROW.map((p) => ({ ...p, lateralCentreMm: undefined }))
  const said = answers(question({ places: open }), 'ash')
  for (const a of said.values()) {
    expect(a.verdict).toBe('fits-if-measured')
    expect(a.facts.map((f) => f.need)).toContain('position.lateralCentreMm')
  }
})

test('an adult is carried like a child', () => {
  const adults = [{ id: 'granny', positionId: 'left' }]
  expect(verdicts(question({ adults, places: [place('right', { id: 'front', row: 1 }), ...ROW] }), 'granny')).toMatchObject({ front: 'fits' }) // prettier-ignore
})

test('stopped, it ends at once', () => {
  const steps = eachPlace(question({}), VehicleId('car'), 'ash')
  steps.next()
  const told: unknown[] = []
  for (let step = steps.next('stop'); !step.done; step = steps.next('stop')) told.push(step.value)
  expect(told.length).toBeLessThanOrEqual(1)
})
