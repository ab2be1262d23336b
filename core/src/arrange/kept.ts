import type { Fact } from './facts.ts'
import { compareMargins, type Levels } from './levels.ts'
import type { Candidate, CarProblem, Picks } from './problem.ts'

/** One arrangement of a car: a candidate a rider, and what it comes to. */
export interface Arranged {
  readonly problem: CarProblem
  readonly picks: Picks
  readonly levels: Levels
  readonly facts: readonly Fact[]
  readonly before: number
  readonly after: number
}

/** Two arrangements are different where a place or a model is: two copies of one model are not. */
const keyOf = (picks: Picks): string => picks.map((c) => `${c.mask}:${c.model?.id ?? ''}`).join(' ')

/** Negative where `a` is better; where all levels are equal, the order of places decides what is told first. */
export function compareArranged(a: Arranged, b: Arranged): number {
  if (a.before !== b.before) return a.before - b.before
  const byMargin = compareMargins(a.levels.marginMm, b.levels.marginMm)
  if (byMargin !== 0) return byMargin
  if (a.after !== b.after) return a.after - b.after
  for (let i = 0; i < a.picks.length; i += 1) {
    const difference =
      (a.picks[i] as Candidate).place - (b.picks[i] as Candidate).place ||
      (a.picks[i] as Candidate).index - (b.picks[i] as Candidate).index
    if (difference !== 0) return difference
  }
  return 0
}

/** The few best that differ, kept in order. */
export class Kept {
  #list: Arranged[] = []
  readonly #most: number
  constructor(most: number) {
    this.#most = most
  }
  get list(): readonly Arranged[] {
    return this.#list
  }
  /** What the next must be better than to be kept. */
  get last(): Arranged | undefined {
    return this.#list.length < this.#most ? undefined : this.#list[this.#list.length - 1]
  }
  offer(a: Arranged): void {
    const key = keyOf(a.picks)
    const same = this.#list.findIndex((x) => keyOf(x.picks) === key)
    if (same >= 0) {
      if (compareArranged(a, this.#list[same] as Arranged) >= 0) return
      this.#list.splice(same, 1)
    }
    this.#list.push(a)
    this.#list.sort(compareArranged)
    this.#list.length = Math.min(this.#list.length, this.#most)
  }
}
