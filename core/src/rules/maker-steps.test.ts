import { buildCase, buildRoute } from '../../test/build.ts'
import { Sequence } from '../ground/index.ts'
import { fittedSubject, type Mode } from '../index.ts'
import { makerStepsIn, notedAs, pairsIn } from './maker-steps.ts'

/** The child weighs 10.4 kg. */
const MUST = { id: 'must', name: 'hip pad', thicknessMm: 20, requiredUntil: { massKg: 12 } }
const MUST_NOT = { id: 'must-not', name: 'newborn pad', thicknessMm: 20, allowedUntil: { massKg: 9 } }
const MAY = { id: 'may', name: 'head pad', thicknessMm: 20, allowedUntil: { massKg: 13 } }
const subject = (steps: readonly object[] | undefined, inserts: Mode['inserts'] = [MUST, MUST_NOT, MAY], insertsIn?: string[]) =>
  fittedSubject(buildCase({
    mode: { inserts },
    route: buildRoute(steps && { steps: steps as never }),
    settings: insertsIn ? { insertsIn: { value: insertsIn, at: Sequence(2) } } : {},
  }))! // prettier-ignore
const about = (whileInsert: string) => ({ id: `about-${whileInsert}`, text: 'Take it out.', whileInsert })

test.each<[string, string[] | undefined, boolean]>([
  ['must', undefined, true],
  ['must', [], true],
  ['must-not', undefined, false],
  ['must-not', ['must-not'], false],
  ['may', undefined, true],
  ['may', ['may'], true],
  ['may', ['must'], false],
  ['unlisted', [], true],
])('a step about a piece that %s be in, with %j in: %s', (id, insertsIn, isThere) => {
  expect(makerStepsIn(subject([about(id)], undefined, insertsIn)).length === 1).toBe(isThere)
})
test('a step about no piece is always there, and a route may have none', () => {
  expect(makerStepsIn(subject([{ id: 'fold', text: 'Fold it.' }])).map((s) => s.id)).toEqual(['fold'])
  expect(makerStepsIn(subject([]))).toEqual([])
  expect(makerStepsIn(subject(undefined))).toEqual([])
})
test('a pair is one where both halves are to be done', () => {
  const halves = [
    { ...about('may'), id: 'out', pairWith: 'back' },
    { id: 'back', text: 'Put it back.' },
  ]
  expect(pairsIn(subject(halves)).map((p) => [p.first.id, p.second.id])).toEqual([['out', 'back']])
  expect(pairsIn(subject(halves, undefined, []))).toEqual([])
})
test('a step that stands instead of a usual one is noted under that', () => {
  expect([notedAs({ id: 'push', text: '', replaces: 'connect' }), notedAs({ id: 'push', text: '' })]).toEqual(['connect', 'push']) // prettier-ignore
})
