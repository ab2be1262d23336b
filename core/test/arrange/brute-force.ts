import type { Candidate, CarProblem, Picks } from '../../src/arrange/problem.ts'
import { Judge } from '../../src/arrange/evaluate.ts'
import { compareArranged, type Arranged } from '../../src/arrange/kept.ts'
import { packBefore, unpack } from '../../src/arrange/levels.ts'

/** Every set of picks, one after another, judged whole: slow, and with nothing to go wrong. */
export function bruteForce(problem: CarProblem): readonly Arranged[] {
  const judge = new Judge(problem)
  const found: Arranged[] = []
  const ofCar = packBefore({ facts: 0, advice: 0, rearwardMonthsLost: 0, harnessMonthsLost: 0, notOwned: 0, wishesBroken: problem.wishesBroken, youngest: 0 }) // prettier-ignore
  const go = (picks: Picks): void => {
    if (picks.length === problem.riders.length) {
      const isTogether = picks.every((a, i) => picks.slice(i + 1).every((b) => judge.together(a, b)))
      const worth = isTogether ? judge.evaluate(picks, true) : undefined
      if (worth === undefined) return
      const before = worth.before + ofCar
      found.push({
        problem,
        picks,
        facts: worth.facts,
        before,
        after: worth.after,
        levels: unpack(before, worth.marginMm, worth.after),
      })
      return
    }
    for (const c of problem.candidates[picks.length] as Candidate[]) go([...picks, c])
  }
  go([])
  return found.sort(compareArranged)
}
