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
  [['vehicle'], ['choice'], false],
  [['child', 'massKg'], ['settings', 'massKg'], false],
  [['vehicle', 'rear-left'], ['vehicle', 'rear-left', 'floor'], true],
  [['vehicle', 'rear-left', 'floor'], ['vehicle', 'rear-left'], true],
  [['vehicle', 'rear-left', 'floor'], ['vehicle', 'rear-right'], false],
])('%j and %j overlap: %s', (a, b, is) => {
  expect(overlap(a, b)).toBe(is)
})

test('what others wrote, among all that they did, is named with its writer', () => {
  const { c, since } = entered(NOTE, [...MOVED, { path: ['child', 'massKg'], value: { value: 11, plusMinus: 0.1, source: 'measured' } }]) // prettier-ignore
  const mass: Put = { path: ['child', 'massKg'], value: null }
  const collision = collisionOf(c, [{ path: ['child', 'sex'], value: 'girl' }, mass], Sequence(BASE), since)
  expect(collision).toEqual({ kind: 'written', path: ['child', 'massKg'] })
  expect(collisionText(collision!, 'Maren')).toBe('Maren has changed child massKg since.')
  expect(collisionText({ kind: 'written', path: ['readings', 'tug-left'] }, 'Maren')).toBe('Maren has changed “Left tug” since.') // prettier-ignore
  expect(collisionOf(c, [{ path: ['child', 'sex'], value: 'girl' }], Sequence(BASE), since)).toBeUndefined()
})
test('a setting for what others have chosen otherwise is outdated; any other entry is not', () => {
  const { c, since } = entered([{ path: ['choice'], value: { ...good.choice, at: undefined } }])
  const recline: Put = { path: ['settings', 'recline'], value: { value: 'r2' } }
  expect(collisionOf(c, [{ path: ['child', 'note'], value: 'x' }, recline], Sequence(BASE), since)).toEqual({ kind: 'outdated', path: ['settings', 'recline'], by: 'choice' }) // prettier-ignore
  expect(collisionOf(c, [{ path: ['child', 'note'], value: 'x' }], Sequence(BASE), since)).toBeUndefined()
  const { c: calm, since: note } = entered(NOTE)
  expect(collisionOf(calm, [recline], Sequence(BASE), note)).toBeUndefined()
})
test('a note beside an outdated look: the look is named', () => {
  const { c, since } = entered(MOVED)
  const puts: readonly Put[] = [{ path: ['child', 'sex'], value: 'girl' }, look('slack-mm'), look('tug-left')]
  expect(collisionOf(c, puts.filter((p) => p.path[1] !== 'slack-mm'), Sequence(BASE), since)).toMatchObject({ kind: 'outdated', path: ['readings', 'tug-left'] }) // prettier-ignore
})
test('what a step stood on, where no change of the car is to be named', () => {
  expect(collisionText({ kind: 'outdated', path: ['stepsDone', 'prepare'] }, 'Maren')).toBe(
    'stepsDone prepare was checked before Maren entered that what it stood on was changed: check again.',
  )
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
