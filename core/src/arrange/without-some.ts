import type { CarProblem } from './problem.ts'
import { compareArranged, type Arranged } from './kept.ts'
import { searching, type Word } from './search.ts'

/** A problem with some children staying at home. */
export function withoutChildren(problem: CarProblem, left: ReadonlySet<number>): CarProblem {
  const stays = (rider: number): boolean => !left.has(rider)
  const turn = new Map<number, number>()
  problem.riders.forEach((_, rider) => {
    if (stays(rider)) turn.set(rider, turn.size)
  })
  return {
    ...problem,
    riders: problem.riders.filter((_, rider) => stays(rider)),
    candidates: problem.candidates
      .filter((_, rider) => stays(rider))
      .map((list) => list.map((c) => ({ ...c, rider: turn.get(c.rider) as number }))),
  }
}

/** Every way to leave so many children at home, in their order. */
function* chosen(children: readonly number[], many: number): Generator<ReadonlySet<number>> {
  if (many === 0) {
    yield new Set()
    return
  }
  for (const [i, first] of children.entries())
    for (const rest of chosen(children.slice(i + 1), many - 1)) yield new Set([first, ...rest])
}

export interface MostThatFit {
  readonly arranged: Arranged
  readonly childIds: readonly string[]
}

/**
 * All adults ride, and as many children as fit in one of the cars; of those the
 * best by the levels. `undefined` where not even one fits, or where it was stopped.
 */
export function* mostThatFit(problems: readonly CarProblem[]): Generator<undefined, MostThatFit | undefined, Word> {
  const [first] = problems
  if (first === undefined) return undefined
  const children = first.riders.flatMap((r, rider) => (r.kind === 'child' ? [rider] : []))
  for (let many = 1; many < children.length; many += 1) {
    let best: MostThatFit | undefined
    for (const left of chosen(children, many))
      for (const problem of problems) {
        const result = yield* searching(withoutChildren(problem, left))
        if (result === undefined) return undefined
        const [arranged] = result.best
        if (arranged === undefined || (best && compareArranged(arranged, best.arranged) >= 0)) continue
        best = { arranged, childIds: [...left].map((rider) => first.riders[rider]?.id ?? '') }
      }
    if (best) return best
  }
  return undefined
}
