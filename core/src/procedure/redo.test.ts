import { Sequence } from '../ground/index.ts'
import fc from 'fast-check'
import { buildCase, buildRoute, withEverythingGood } from '../../test/build.ts'
import { CONFIGURATIONS } from '../../test/configurations.ts'
import { assess, fittedSubject, redoList, SETTING_IDS, staleIn, type Case } from '../index.ts'

const redo = (c: Case) => {
  const s = fittedSubject(c)
  if (!s) throw new Error('everything is chosen')
  return redoList(c, s)
}
const ready = withEverythingGood(buildCase({ route: buildRoute({ frontSeat: 'either' }) }))
const moved = (id: 'recline' | 'legNotch'): Case => ({
  ...ready,
  settings: { ...ready.settings, [id]: { ...ready.settings[id], at: Sequence(9) } },
})

test('nothing went stale: nothing to do again', () => {
  expect(redo(ready)).toEqual([])
})

test('after a recline: latches, leg, front seat and head, each under its step, with the reason', () => {
  const list = redo(moved('recline'))
  expect(list.map((r) => r.step.id)).toEqual(['connect', 'leg', 'front-seat', 'proof', 'head'])
  expect(list.every((r) => r.because.length === 1 && r.because[0] === 'the recline was changed')).toBe(true)
  // The tugs did not depend on it.
  expect(list[0]?.checks).toEqual(['latch-left', 'latch-right'])
})

test.each(Object.keys(CONFIGURATIONS))('%s: the list holds exactly what is stale and asked for, once each', (name) => {
  const c = withEverythingGood(CONFIGURATIONS[name] as Case)
  fc.assert(
    fc.property(fc.subarray([...SETTING_IDS]), (changed) => {
      const settings = Object.fromEntries(
        Object.entries(c.settings).map(([id, setting]) => [
          id,
          changed.includes(id as never) ? { ...setting, at: Sequence(9) } : setting,
        ]),
      )
      const after: Case = { ...c, settings: settings as Case['settings'] }
      const listed = redo(after).flatMap((r) => r.checks)
      expect(new Set(listed).size).toBe(listed.length)
      expect(listed.toSorted()).toEqual(
        assess(after)
          .stale.map((s) => s.checkId)
          .toSorted(),
      )
      for (const id of listed) expect(staleIn(after).has(id)).toBe(true)
    }),
    { numRuns: 10 },
  )
})
