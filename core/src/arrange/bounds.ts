import { FACT, packBoth } from './levels.ts'
import type { Candidate, CarProblem, Place } from './problem.ts'

/**
 * What riders can still come to at least. Each bound leaves something out that
 * riders take from one another, so that it never says too much. All are packed
 * numbers of the levels before and after the margin (`packBoth`).
 */

/** What one way adds at least: the facts that no other rider can share with it. */
export const boundOf = (c: Candidate): number => packBoth(c.before + c.ownFacts * FACT, c.after)

/** Rows with places whose middle nobody has measured, those places as bits. */
export interface Unmeasured {
  readonly rows: readonly number[]
  /** Places used from which on there are certainly two that stand side by side. */
  readonly from: number
}
export const unmeasuredIn = ({ places, candidates }: CarProblem): Unmeasured => ({
  rows: [...new Set(places.map((p) => p.row))]
    .map((row) =>
      places
        .filter((p: Place) => p.row === row && p.centreMm === undefined)
        .reduce((mask, p) => mask | (1 << p.index), 0),
    )
    .filter((mask) => mask !== 0),
  // One that lies across takes two places alone.
  from: candidates.some((list) => list.some((c) => c.second !== undefined)) ? 3 : 2,
})

const countBits = (mask: number): number => {
  let count = 0
  for (let rest = mask; rest !== 0; rest &= rest - 1) count += 1
  return count
}

/** Middles that are to be measured once these places are used, less those that were counted before. */
const unmeasuredFacts = (used: number, before: number, { rows, from }: Unmeasured): number => {
  let facts = 0
  for (const row of rows) {
    const here = countBits(used & row)
    const counted = countBits(before & row)
    // One alone in its row asks for nothing, and was not counted.
    if (here >= from) facts += Math.max(0, here - (counted >= 2 ? counted : 0) - (counted === 1 && from > 2 ? 1 : 0))
  }
  return facts
}

type Live = readonly (readonly Candidate[])[]

/** By rider, then by the places that a way takes: the least that it comes to. */
export type Cheapest = readonly ReadonlyMap<number, number>[]

/**
 * The cheapest way of each rider at each of its places. `moreOf` says what a way
 * adds beside those seated; lists are in order of `boundOf`, so that few are asked.
 */
export function cheapestWays(live: Live, riders: readonly number[], moreOf: (c: Candidate) => number): Cheapest {
  const found: ReadonlyMap<number, number>[] = []
  for (const rider of riders) {
    const cheapest = new Map<number, number>()
    for (const c of live[rider] as readonly Candidate[]) {
      const before = cheapest.get(c.mask)
      const bound = boundOf(c)
      if (before !== undefined && bound >= before) continue
      const least = bound + moreOf(c)
      if (least < (before ?? Infinity)) cheapest.set(c.mask, least)
    }
    found[rider] = cheapest
  }
  return found
}

/**
 * Places, as bits, that no two riders can use together with any place: whatever
 * they had there, the two would be in each other’s way.
 */
export function apartPlaces(
  { places, candidates }: CarProblem,
  together: (a: Candidate, b: Candidate) => boolean,
): readonly number[] {
  const all = candidates.flat()
  const at = places.map((p) => all.filter((c) => (c.mask & (1 << p.index)) !== 0))
  const canBoth = (p: number, q: number): boolean =>
    (at[p] as readonly Candidate[]).some((a) =>
      // One that lies across both takes both.
      (at[q] as readonly Candidate[]).some((b) => a === b || (a.rider !== b.rider && together(a, b))),
    )
  const apart = places.map(() => 0)
  for (const p of places.keys())
    for (let q = 0; q < p; q += 1) {
      if (canBoth(p, q)) continue
      apart[p] = (apart[p] as number) | (1 << q)
      apart[q] = (apart[q] as number) | (1 << p)
    }
  return apart
}

/** Everybody on places of their own, the cheapest way at each: by places taken, one rider after another. */
export function leastByPlaces(
  cheapest: Cheapest,
  riders: readonly number[],
  taken: number,
  unmeasured: Unmeasured,
  apart: readonly number[],
): number {
  let states = new Map<number, number>([[taken, 0]])
  for (const rider of riders) {
    const next = new Map<number, number>()
    for (const [used, cost] of states)
      for (const [mask, more] of cheapest[rider] as ReadonlyMap<number, number>) {
        if ((used & mask) !== 0 || isApart(mask, used, apart)) continue
        const before = next.get(used | mask)
        if (before === undefined || cost + more < before) next.set(used | mask, cost + more)
      }
    states = next
  }
  let least = Infinity
  for (const [used, cost] of states) {
    const more = unmeasured.rows.length === 0 ? 0 : unmeasuredFacts(used, taken, unmeasured)
    least = Math.min(least, cost + packBoth(more * FACT, 0))
  }
  return least
}

const isApart = (mask: number, used: number, apart: readonly number[]): boolean => {
  for (let rest = mask; rest !== 0; rest &= rest - 1)
    if (((apart[31 - Math.clz32(rest & -rest)] as number) & used) !== 0) return true
  return false
}

/**
 * Everybody with a unit of their own, the cheapest way with each: the cheapest
 * assignment of riders to units, found by shortest augmenting paths (the
 * Hungarian method). `left`: how many of each class those seated leave.
 */
export function leastByUnits(live: Live, riders: readonly number[], left: readonly number[]): number {
  const columnsOf = new Map<number, number>()
  const capacity: number[] = []
  const costs = riders.map((rider) => {
    const row = new Map<number, number>()
    for (const c of live[rider] as readonly Candidate[]) {
      // Of a shell on a base the base is mostly the scarcer; without a unit a rider takes nobody’s.
      const unit = c.baseClass ?? c.unitClass
      const key = unit ?? -1 - rider
      let column = columnsOf.get(key)
      if (column === undefined) {
        column = capacity.length
        columnsOf.set(key, column)
        capacity.push(unit === undefined ? 1 : (left[unit] as number))
      }
      if (!row.has(column)) row.set(column, boundOf(c))
    }
    return row
  })
  // Units that nothing tells apart are columns of their own, no more of them than there are riders.
  const start: number[] = []
  let width = 0
  for (const many of capacity) {
    start.push(width)
    width += Math.min(many, riders.length)
  }
  if (width < riders.length) return Infinity
  const matrix = costs.map((row) => {
    const filled = new Float64Array(width + 1).fill(Infinity)
    for (const [column, cost] of row) {
      const many = Math.min(capacity[column] as number, riders.length)
      for (let k = 0; k < many; k += 1) filled[(start[column] as number) + k + 1] = cost
    }
    return filled
  })
  return cheapestAssignment(matrix, width)
}

/** Rows to columns, each row one of its own; columns are counted from 1. `Infinity` where there is none. */
function cheapestAssignment(matrix: readonly Float64Array[], width: number): number {
  const rows = matrix.length
  const u = new Float64Array(rows + 1)
  const v = new Float64Array(width + 1)
  const rowOf = new Int32Array(width + 1)
  const way = new Int32Array(width + 1)
  for (let i = 1; i <= rows; i += 1) {
    rowOf[0] = i
    let column = 0
    const least = new Float64Array(width + 1).fill(Infinity)
    const isUsed = new Uint8Array(width + 1)
    do {
      isUsed[column] = 1
      const row = rowOf[column] as number
      let delta = Infinity
      let next = -1
      for (let j = 1; j <= width; j += 1) {
        if (isUsed[j]) continue
        const reduced = ((matrix[row - 1] as Float64Array)[j] as number) - (u[row] as number) - (v[j] as number)
        if (reduced < (least[j] as number)) {
          least[j] = reduced
          way[j] = column
        }
        if ((least[j] as number) < delta) {
          delta = least[j] as number
          next = j
        }
      }
      if (next < 0) return Infinity
      for (let j = 0; j <= width; j += 1) {
        if (isUsed[j]) {
          u[rowOf[j] as number] = (u[rowOf[j] as number] as number) + delta
          v[j] = (v[j] as number) - delta
        } else least[j] = (least[j] as number) - delta
      }
      column = next
    } while (rowOf[column] !== 0)
    do {
      const before = way[column] as number
      rowOf[column] = rowOf[before] as number
      column = before
    } while (column !== 0)
  }
  let total = 0
  for (let j = 1; j <= width; j += 1) {
    const row = rowOf[j] as number
    if (row > 0) total += (matrix[row - 1] as Float64Array)[j] as number
  }
  return total
}
