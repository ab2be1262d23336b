import { arrangeRequestSchema, compile, familyOf, searchCar, searchWhole } from '../../src/index.ts'
import { compareLevels } from '../../src/arrange/levels.ts'
import { runs } from '../runs.ts'
import { bruteForce } from './brute-force.ts'
import { randomFamily } from './random-family.ts'

type Pick = { readonly mask: number; readonly model?: { readonly id: string } | undefined }
const keyOf = (picks: readonly Pick[]) => picks.map((c) => `${c.mask}:${c.model?.id ?? ''}`).join(' ')

/** Sets of picks that brute force may look at in one family. */
const MOST_SETS = 60_000

test('search and brute force agree: the five best different arrangements, level by level', () => {
  let arranged = 0
  let none = 0
  for (let seed = 1; seed <= runs(14); seed += 1) {
    const request = randomFamily(seed, { children: 1 + (seed % 3), models: 3, copies: 2 })
    expect([seed, arrangeRequestSchema.safeParse(request).error?.issues]).toEqual([seed, undefined])
    for (const problem of compile(familyOf(request))) {
      if (problem.candidates.reduce((product, list) => product * list.length, 1) > MOST_SETS) continue
      const all = bruteForce(problem)
      const { best, isWhole, bound } = searchWhole(problem)
      const seen = new Set<string>()
      const different = all.filter((a) => !seen.has(keyOf(a.picks)) && seen.add(keyOf(a.picks))).slice(0, 5)
      expect([seed, isWhole, best.map((a) => a.levels)]).toEqual([seed, true, different.map((a) => a.levels)])
      // All of them are different, and none is better than the bound.
      expect(new Set(best.map((a) => keyOf(a.picks))).size).toBe(best.length)
      if (best[0]) {
        arranged += 1
        expect(bound && compareLevels(bound, best[0].levels)).toBeLessThanOrEqual(0)
      } else none += 1
    }
  }
  expect([arranged > 3, none > 1]).toEqual([true, true])
})

test('what is answered stop ends with the best found so far', () => {
  for (let seed = 1; seed < 40; seed += 1) {
    const [problem] = compile(familyOf(randomFamily(seed, { children: 4, models: 12, copies: 3 }), false))
    const search = searchCar(problem!)
    const first = search.next()
    if (first.done) continue
    const stopped = search.next('stop')
    expect(stopped.done).toBe(true)
    if (!stopped.done) throw new Error('not ended')
    const whole = searchWhole(problem!)
    expect([stopped.value.isWhole, whole.isWhole]).toEqual([false, true])
    expect(stopped.value.nodes).toBeLessThan(whole.nodes)
    if (stopped.value.best[0])
      expect(compareLevels(whole.best[0]!.levels, stopped.value.best[0].levels)).toBeLessThanOrEqual(0)
    return
  }
  throw new Error('no search was long enough to be stopped')
})
