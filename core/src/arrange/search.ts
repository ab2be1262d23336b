import {
  apartPlaces,
  boundOf,
  cheapestWays,
  leastByPlaces,
  leastByUnits,
  unmeasuredIn,
  type Cheapest,
} from './bounds.ts'
import { withoutDominated } from './dominance.ts'
import { Judge, NOTHING_MORE, type More, type Worth } from './evaluate.ts'
import { Kept, type Arranged } from './kept.ts'
import { afterOf, beforeOf, compareMargins, packBefore, unpack, type Levels } from './levels.ts'
import type { Candidate, CarProblem } from './problem.ts'

export interface SearchResult {
  /** The best different ones, best first. */
  readonly best: readonly Arranged[]
  readonly nodes: number
  /** Searched to the end: nothing better exists. */
  readonly isWhole: boolean
  /** No arrangement can be better than this in any level. */
  readonly bound: Levels | undefined
}

/** How far a search has come; given out every few thousand nodes. */
export interface SearchProgress {
  readonly nodes: number
  readonly best: Arranged | undefined
  /** Share of the first rider's ways that are searched through. */
  readonly share: number
}

/** What whoever drives a search answers to a report. */
export type Word = 'stop' | undefined

export interface SearchOptions {
  /** How many of the best different ones are kept. */
  readonly alternatives?: number
  /** Only whether there is one at all. */
  readonly isFirstEnough?: boolean
}

/** Alternatives told beside the best. */
const ALTERNATIVES = 5
const NODES_BETWEEN_REPORTS = 2000

/** Cheapest first; where that is equal, the order of places. */
const cheapestFirst = (a: Candidate, b: Candidate): number =>
  boundOf(a) - boundOf(b) || a.place - b.place || a.index - b.index

/** What a rider loses who does not get its best place; `Infinity` where it has no other. */
function lossOfSecond(cheapest: ReadonlyMap<number, number>): number {
  let best = Infinity
  let second = Infinity
  for (const cost of cheapest.values()) {
    if (cost < best) {
      second = best
      best = cost
    } else if (cost < second) second = cost
  }
  return second - best
}

/**
 * Exact search, depth first over the riders, whoever loses most by not getting
 * its best place first. What the others could have at best, given who sits already, bounds what
 * can still come. A generator: it reports every few thousand nodes, and ends where
 * it is answered `stop`, with the best found so far.
 */
export function* searchCar(
  problem: CarProblem,
  { alternatives = ALTERNATIVES, isFirstEnough = false }: SearchOptions = {},
): Generator<SearchProgress, SearchResult, Word> {
  const judge = new Judge(problem)
  const unitsOf = new Map<string, number>()
  for (const { model, units } of problem.classes) unitsOf.set(model.id, (unitsOf.get(model.id) ?? 0) + units.length)
  /** Riders who may take a unit at all: adults take none. */
  const takers = problem.candidates.filter((list) => list.some((c) => c.unitClass !== undefined)).length
  const lists = problem.candidates.map((list) =>
    withoutDominated(list, takers, alternatives, (id) => unitsOf.get(id) ?? 0).toSorted(cheapestFirst),
  )
  const riders = lists.map((_, rider) => rider)
  /** `boundOf`, by the index of a way. */
  const bounds = new Float64Array(lists.flat().reduce((most, c) => Math.max(most, c.index + 1), 0))
  for (const c of lists.flat()) bounds[c.index] = boundOf(c)
  const kept = new Kept(alternatives)
  /** What using this car at all breaks. */
  const ofCar = packBefore({ ...NOTHING, wishesBroken: problem.wishesBroken })
  const unmeasured = unmeasuredIn(problem)
  const apart = apartPlaces(problem, (a, b) => judge.together(a, b))
  let nodes = 0
  let share = 0
  let isStopped = false

  /** Whether nothing can come of this that is better than all that is kept: once enough are, one more tie is none. */
  const isNoBetter = (before: number, marginMm: number, after: number): boolean => {
    const last = kept.last
    if (last === undefined) return false
    if (before !== last.before) return before > last.before
    const byMargin = compareMargins(marginMm, last.levels.marginMm)
    if (byMargin !== 0) return byMargin > 0
    return after >= last.after
  }
  /** Whether it comes to more than the last that is kept, whatever the margin. */
  const isTooDear = (before: number): boolean => kept.last !== undefined && before > kept.last.before
  /** What is as good as the last that is kept up to the margin must leave this much room. */
  const floorMm = (before: number): number => (before === kept.last?.before ? kept.last.levels.marginMm : -Infinity)
  // Who has one way comes at once, then adults, who must get past nobody; then whoever loses most by its second choice.
  const nextOf = (left: readonly number[], live: readonly (readonly Candidate[])[], cheapest: Cheapest): number => {
    const turnOf = (rider: number): number => {
      const ways = (live[rider] as Candidate[]).length
      if (ways < 2) return -Infinity
      if (problem.riders[rider]?.kind === 'adult') return ways - Number.MAX_VALUE
      return -lossOfSecond(cheapest[rider] as ReadonlyMap<number, number>)
    }
    return left.reduce((best, rider) => (turnOf(rider) < turnOf(best) ? rider : best))
  }

  const picks: Candidate[] = []
  const unitsLeft = (): readonly number[] => {
    const left = problem.classes.map((c) => c.units.length)
    for (const { unitClass, baseClass } of picks)
      for (const x of [unitClass, baseClass]) if (x !== undefined) left[x] = (left[x] as number) - 1
    return left
  }
  function* seat(
    left: readonly number[],
    live: readonly (readonly Candidate[])[],
    cheapest: Cheapest,
    more: More,
    sofar: Worth,
    from: number,
    width: number,
  ): Generator<SearchProgress, void, Word> {
    const rider = nextOf(left, live, cheapest)
    const later = left.filter((r) => r !== rider)
    const takenBefore = picks.reduce((mask, p) => mask | p.mask, 0)
    /** What the others come to at least beside somebody on these places. */
    const others = new Map<number, number>()
    const othersBeside = (mask: number): number => {
      const known = others.get(mask)
      if (known !== undefined) return known
      const least = leastByPlaces(cheapest, later, takenBefore | mask, unmeasured, apart)
      others.set(mask, least)
      return least
    }
    const leastOf = new Map(left.map((r) => [r, Math.min(...(cheapest[r] as ReadonlyMap<number, number>).values())]))
    /** What everybody but one comes to at least, wherever they sit. */
    const leastBut = (but: number, among: readonly number[]): number =>
      among.reduce((sum, r) => (r === but ? sum : sum + (leastOf.get(r) as number)), 0)
    // In order of what they bring at least, with what the others then come to: what comes later is no better.
    const mine: { readonly c: Candidate; readonly least: number; readonly roomMm: number }[] = []
    const rest0 = leastBut(rider, left)
    for (const c of live[rider] as Candidate[]) {
      const bound = bounds[c.index] as number
      if (isTooDear(sofar.before + beforeOf(bound + rest0))) break
      const least = bound + othersBeside(c.mask)
      if (least === Infinity || isTooDear(sofar.before + beforeOf(least))) continue
      const added = more.adds(c)
      if (added < Infinity) mine.push({ c, least: least + added, roomMm: more.roomMm(c) })
    }
    mine.sort(
      (a, b) => beforeOf(a.least) - beforeOf(b.least) || compareMargins(a.roomMm, b.roomMm) || a.least - b.least,
    )
    for (const [turn, { c, least }] of mine.entries()) {
      if (isStopped || (isFirstEnough && kept.list.length > 0)) return
      const before0 = sofar.before + beforeOf(least)
      if (isTooDear(before0)) break
      if (isNoBetter(before0, sofar.marginMm, sofar.after + afterOf(least))) continue
      if (more.adds(c, floorMm(before0)) === Infinity) continue
      nodes += 1
      share = from + (width * turn) / mine.length
      if (nodes % NODES_BETWEEN_REPORTS === 0 && (yield { nodes, best: kept.list[0], share }) === 'stop') {
        isStopped = true
        return
      }
      picks.push(c)
      const worth = judge.evaluate(picks, later.length === 0)
      if (worth !== undefined) {
        const before = ofCar + worth.before
        if (later.length === 0) {
          if (!isNoBetter(before, worth.marginMm, worth.after))
            kept.offer({
              problem,
              picks: [...picks].sort((a, b) => a.rider - b.rider),
              levels: unpack(before, worth.marginMm, worth.after),
              facts: worth.facts,
              before,
              after: worth.after,
            })
        } else if (!isNoBetter(before, worth.marginMm, worth.after)) {
          const next = live.slice()
          for (const r of later) {
            const others0 = leastBut(r, later)
            const open: Candidate[] = []
            for (const d of live[r] as Candidate[]) {
              if (isTooDear(before + beforeOf((bounds[d.index] as number) + others0))) break
              if (judge.together(c, d)) open.push(d)
            }
            next[r] = open
          }
          if (later.every((r) => (next[r] as Candidate[]).length > 0)) {
            const isStillOpen = (rest: number): boolean =>
              Number.isFinite(rest) && !isNoBetter(before + beforeOf(rest), worth.marginMm, worth.after + afterOf(rest))
            const beside = judge.moreBeside(picks, worth.facts, later.length)
            const ways = cheapestWays(next, later, beside.adds)
            const taken = takenBefore | c.mask
            const rest = leastByPlaces(ways, later, taken, unmeasured, apart)
            const floor = floorMm(before + beforeOf(rest))
            const isRoomLeft = (): boolean =>
              floor === -Infinity ||
              isStillOpen(
                leastByPlaces(
                  cheapestWays(next, later, (d) => beside.adds(d, floor)),
                  later,
                  taken,
                  unmeasured,
                  apart,
                ),
              )
            if (isStillOpen(rest) && isRoomLeft() && isStillOpen(leastByUnits(next, later, unitsLeft())))
              yield* seat(later, next, ways, beside, { ...worth, before }, share, width / mine.length)
          }
        }
      }
      picks.pop()
    }
  }

  const isOpen = lists.every((list) => list.length > 0)
  const first = cheapestWays(lists, riders, NOTHING_MORE.adds)
  const least = isOpen
    ? Math.max(leastByPlaces(first, riders, 0, unmeasured, apart), leastByUnits(lists, riders, unitsLeft()))
    : Infinity
  const bound = Number.isFinite(least) ? unpack(ofCar + beforeOf(least), Infinity, afterOf(least)) : undefined
  if (bound !== undefined)
    yield* seat(riders, lists, first, NOTHING_MORE, { before: ofCar, marginMm: Infinity, after: 0 }, 0, 1)
  return { best: kept.list, nodes, isWhole: !isStopped, bound }
}

const NOTHING = {
  facts: 0,
  advice: 0,
  rearwardMonthsLost: 0,
  harnessMonthsLost: 0,
  notOwned: 0,
  wishesBroken: 0,
  youngest: 0,
} as const

/** A search that is one of many: whoever drives them all may stop before it or in its midst, and then nothing is said. */
export function* searching(
  problem: CarProblem,
  options?: SearchOptions,
): Generator<undefined, SearchResult | undefined, Word> {
  if ((yield) === 'stop') return undefined
  const search = searchCar(problem, options)
  let word: Word
  for (;;) {
    const step = search.next(word)
    if (step.done === true) return step.value.isWhole ? step.value : undefined
    word = yield
  }
}

/** The whole search at once. */
export function searchWhole(problem: CarProblem, options?: SearchOptions): SearchResult {
  const search = searchCar(problem, options)
  for (;;) {
    const step = search.next()
    if (step.done === true) return step.value
  }
}
