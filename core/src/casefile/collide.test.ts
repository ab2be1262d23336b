import { Sequence } from '../ground/index.ts'
import fc from 'fast-check'
import { buildCase, withEverythingGood } from '../../test/build.ts'
import {
  applyPuts,
  CHECK_IDS,
  collisionOf,
  collisionText,
  DISTURBANCE_IDS,
  highestSequence,
  overlap,
  staleChangesOf,
  staleReadings,
  type Case,
  type Changed,
  type CheckId,
  type Put,
} from '../index.ts'

const good = withEverythingGood(buildCase())
const BASE = highestSequence(good)
const look = (id: CheckId): Put => ({ path: ['readings', id], value: { option: good.readings[id]?.option } })
/** What others enter, one after another, on top of the case. */
function entered(...entries: readonly (readonly Put[])[]) {
  let c: Case = good
  const since: { sequence: Sequence; changes: readonly Changed[] }[] = []
  entries.forEach((puts, i) => {
    const applied = applyPuts(c, puts, Sequence(BASE + 1 + i))
    if (!applied.ok) throw new Error(JSON.stringify(applied.error))
    c = applied.value.case
    since.push({ sequence: Sequence(BASE + 1 + i), changes: applied.value.changed })
  })
  return { c, since }
}
const MOVED: readonly Put[] = [{ path: ['disturbances', 'base'], value: {} }]
const NOTE: readonly Put[] = [{ path: ['child', 'note'], value: 'sings' }]

test.each([
  [['vehicle'], ['vehicle', 'rear-left', 'floor'], true],
  [['vehicle', 'rear-left', 'floor'], ['vehicle'], true],
  [['vehicle', 'rear-left', 'floor'], ['vehicle', 'rear-right', 'floor'], false],
  [['child', 'massKg'], ['child', 'massKg'], true],
  [['child', 'massKg'], ['child', 'note'], false],
  [['readings', 'tug-left'], ['readings', 'tug-left-2'], false],
])('%j and %j overlap: %s', (a, b, is) => {
  expect(overlap(a, b)).toBe(is)
})

test('nothing by others is no collision, whatever stands after the base', () => {
  const { c } = entered(MOVED)
  expect(collisionOf(c, [look('tug-left')], Sequence(BASE), [])).toBeUndefined()
})

test('a look from before a change that un-passes it names both', () => {
  const { c, since } = entered(MOVED)
  const collision = collisionOf(c, [look('tug-left')], Sequence(BASE), since)
  expect(collision).toEqual({ kind: 'outdated', path: ['readings', 'tug-left'], by: 'base' })
  expect(collisionText(collision!, 'Maren')).toMatch(/^“Left tug” was checked before Maren entered that .*: check again\.$/) // prettier-ignore
})

test('taking a look back, or what is not valid, is not judged here', () => {
  const { c, since } = entered(MOVED)
  expect(collisionOf(c, [{ path: ['readings', 'tug-left'], value: null }], Sequence(BASE), since)).toBeUndefined()
  expect(collisionOf(c, [{ path: ['readings', 'tug-left'], value: { option: 'no such' } }], Sequence(BASE), since)).toBeUndefined()
}) // prettier-ignore

test('one’s own changes after the base do not outdate one’s own look; a stranger’s do', () => {
  const { c, since } = entered(NOTE, MOVED)
  expect(collisionOf(c, [look('tug-left')], Sequence(BASE), since.slice(0, 1))).toBeUndefined()
  expect(collisionOf(c, [look('tug-left')], Sequence(BASE), since.slice(1))).toMatchObject({ kind: 'outdated' })
})

test('a step noted as done before the restraint was taken out is not done', () => {
  const { c, since } = entered([{ path: ['disturbances', 'removed'], value: {} }])
  expect(collisionOf(c, [{ path: ['stepsDone', 'prepare'], value: {} }], Sequence(BASE), since)).toMatchObject({
    kind: 'outdated',
    path: ['stepsDone', 'prepare'],
  })
  const { c: calm, since: note } = entered(NOTE)
  expect(collisionOf(calm, [{ path: ['stepsDone', 'prepare'], value: {} }], Sequence(BASE), note)).toBeUndefined()
})

test('every change against every look: refused exactly where the look would be out of date', () => {
  const readings = CHECK_IDS.filter((id) => good.readings[id]?.option !== undefined)
  fc.assert(
    fc.property(fc.constantFrom(...DISTURBANCE_IDS), fc.constantFrom(...readings), (change, id) => {
      const { c, since } = entered([{ path: ['disturbances', change], value: {} }])
      const stale = staleReadings({ ...staleChangesOf(c), readings: good.readings })
      const collision = collisionOf(c, [look(id)], Sequence(BASE), since)
      expect([change, id, collision !== undefined]).toEqual([change, id, stale.has(id)])
    }),
    { numRuns: 400 },
  )
})
