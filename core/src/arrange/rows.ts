import {
  furthestMm,
  HAND_MM,
  leastShift,
  marginInRow,
  neededApartMm,
  rangesInRow,
  type RowItem,
  type Span,
} from '../fit/index.ts'
import type { Fact } from './facts.ts'
import type { Candidate, CarProblem, Place } from './problem.ts'

/**
 * Side by side: whether everybody of a row clears everybody else, with what is
 * known (`certain`), or can still turn out to (`possible`).
 */
export interface RowState {
  readonly state: 'certain' | 'possible' | 'no'
  /** Room that the tightest pair has beyond its need; `Infinity` where nothing stands side by side. */
  readonly marginMm: number
  readonly facts: readonly Fact[]
}

export interface RowBounds {
  readonly certain: readonly RowItem[]
  readonly possible: readonly RowItem[]
  /** What two must keep apart, by their turns in the row from the left. */
  readonly apart: (i: number, j: number) => Span
}

/** Bodies at places of one car: four of them make a key of fewer than 53 bits. More than that are worked out each time. */
const MOST_SLOTS = 2 ** 12
const MOST_IN_KEY = 4

const FREE: RowState = { state: 'certain', marginMm: Infinity, facts: [] }
const ALONE = { lo: 0, hi: 0 }

const buckleAt = (places: readonly Place[], c: Candidate, side: 'left' | 'right'): boolean =>
  c.body.needsHand &&
  ((places[c.place] as Place).buckles[side] || (c.second !== undefined && (places[c.second] as Place).buckles[side]))

/** Rows of one car, with every pair of bodies worked out once. */
export class Rows {
  readonly #problem: CarProblem
  readonly #pairs = new Map<number, Span>()
  readonly #rows = new Map<number, RowState>()
  readonly #fits = new Map<number, boolean>()

  constructor(problem: CarProblem) {
    this.#problem = problem
  }

  /** Those of a row, left to right. */
  inRow(picks: readonly Candidate[], row: number): readonly Candidate[] {
    const { places } = this.#problem
    return picks.filter((c) => (places[c.place] as Place).row === row).toSorted((a, b) => a.from - b.from)
  }

  #needed(left: Candidate, right: Candidate, needsHand: boolean): Span {
    const key = (left.body.id * 4096 + right.body.id) * 2 + Number(needsHand)
    const known = this.#pairs.get(key)
    if (known) return known
    const needed = neededApartMm(left.body.profile, right.body.profile, needsHand ? HAND_MM : 0)
    this.#pairs.set(key, needed)
    return needed
  }

  /**
   * How far two of a row must stand apart. A hand reaches between next occupied
   * neighbours; while somebody may still come between them, none is asked for.
   */
  #apart(row: readonly Candidate[], i: number, j: number, isWhole: boolean): Span {
    const left = row[i] as Candidate
    const right = row[j] as Candidate
    const isNext = j === i + 1 && (isWhole || right.from === left.to + 1)
    return this.#needed(left, right, isNext && this.handBetween(row, i, j) > 0)
  }

  /** Room at the hip that a hand needs between two next neighbours of a row, mm. */
  handBetween(row: readonly Candidate[], i: number, j: number): number {
    const { places } = this.#problem
    const needsHand = buckleAt(places, row[i] as Candidate, 'right') || buckleAt(places, row[j] as Candidate, 'left')
    return needsHand ? HAND_MM : 0
  }

  /** The row as a system of constraints, left to right; `undefined` where a middle is not measured. */
  boundsOf(row: readonly Candidate[], isWhole = true): RowBounds | undefined {
    const { places } = this.#problem
    if (row.some((c) => c.centreMm === undefined)) return undefined
    const trim = (c: Candidate): Place => places[c.place] as Place
    const item = (c: Candidate, end: 'lo' | 'hi'): RowItem => {
      const { trimLeftMm, trimRightMm } = trim(c)
      return {
        centreMm: c.centreMm as number,
        playMm: c.body.playMm,
        ...(trimLeftMm !== undefined && { fromMm: furthestMm(c.body.profile, 'left')[end] - trimLeftMm }),
        ...(trimRightMm !== undefined && { toMm: trimRightMm - furthestMm(c.body.profile, 'right')[end] }),
      }
    }
    return {
      certain: row.map((c) => item(c, 'hi')),
      possible: row.map((c) => item(c, 'lo')),
      apart: (i, j) => (i === j ? ALONE : this.#apart(row, i, j, isWhole)),
    }
  }

  /** What is said of one row. `isWhole`: nobody else will come to it. */
  stateOf(row: readonly Candidate[], isWhole: boolean): RowState {
    if (row.length === 0) return FREE
    if (row.length > MOST_IN_KEY || row.some((c) => c.slot >= MOST_SLOTS - 1)) return this.#stateOf(row, isWhole)
    // The first digit is never nothing, so that rows of different lengths never share a key.
    let key = isWhole ? 2 : 1
    for (const c of row) key = key * MOST_SLOTS + c.slot + 1
    const known = this.#rows.get(key)
    if (known) return known
    const state = this.#stateOf(row, isWhole)
    this.#rows.set(key, state)
    return state
  }

  #stateOf(row: readonly Candidate[], isWhole: boolean): RowState {
    const { places, vehicle } = this.#problem
    const bounds = this.boundsOf(row, isWhole)
    if (bounds === undefined) {
      if (row.length < 2) return FREE
      const open = row.flatMap((c) => (c.second === undefined ? [c.place] : [c.place, c.second]))
      const facts = open.flatMap((p): Fact[] => {
        const { position, centreMm } = places[p] as Place
        if (centreMm !== undefined) return []
        const need = 'position.lateralCentreMm'
        return [{ key: `${need} ${vehicle.id} ${position.id}`, need, vehicleId: vehicle.id, positionId: position.id }]
      })
      return { state: 'possible', marginMm: -Infinity, facts }
    }
    const { certain, possible, apart } = bounds
    if (rangesInRow(possible, (i, j) => apart(i, j).lo) === undefined)
      return { state: 'no', marginMm: -Infinity, facts: [] }
    // Door trim counts for whether they fit, never for the margin between them.
    const untrimmed = certain.map(({ centreMm, playMm }) => ({ centreMm, playMm }))
    const marginMm = marginInRow(untrimmed, (i, j) => apart(i, j).hi)
    if (rangesInRow(certain, (i, j) => apart(i, j).hi) !== undefined) return { state: 'certain', marginMm, facts: [] }
    const facts = new Map<string, Fact>()
    row.forEach((c, i) => {
      const isOpen =
        row.some((_, j) => j !== i && isOpenBetween(apart(Math.min(i, j), Math.max(i, j)))) ||
        isOpenAtTrim(places[c.place] as Place, c)
      if (isOpen) for (const fact of c.body.openFacts) facts.set(fact.key, fact)
    })
    return { state: 'possible', marginMm, facts: [...facts.values()] }
  }

  /** What is said of those of a row, left to right, once one more comes to it. */
  stateWith(row: readonly Candidate[], more: Candidate): RowState {
    const at = row.findIndex((c) => c.from > more.from)
    return this.stateOf(at < 0 ? [...row, more] : [...row.slice(0, at), more, ...row.slice(at)], false)
  }

  /** Whether two of a row can clear one another at all, whoever else comes to it. */
  pairFits(a: Candidate, b: Candidate): boolean {
    const [left, right] = a.from < b.from ? [a, b] : [b, a]
    const key = left.slot * 2 ** 24 + right.slot
    const known = this.#fits.get(key)
    if (known !== undefined) return known
    const fits = this.stateOf([left, right], false).state !== 'no'
    this.#fits.set(key, fits)
    return fits
  }

  /**
   * Where each of a row stands at the least shift, and how far it may be moved: with
   * everything as wide as it may be, or, where that does not fit, as narrow as it may
   * be. `undefined` where a middle is not measured.
   */
  placing(
    row: readonly Candidate[],
  ): readonly { readonly atMm: number; readonly fromMm: number; readonly toMm: number }[] | undefined {
    const bounds = this.boundsOf(row)
    if (bounds === undefined) return undefined
    for (const end of ['hi', 'lo'] as const) {
      const items = end === 'hi' ? bounds.certain : bounds.possible
      const apart = (i: number, j: number): number => bounds.apart(i, j)[end]
      const ranges = rangesInRow(items, apart)
      const at = leastShift(items, apart)
      if (ranges && at) return ranges.map((range, i) => ({ ...range, atMm: at[i] as number }))
    }
    return undefined
  }
}

const isOpenBetween = ({ lo, hi }: Span): boolean => lo < hi
const isOpenAtTrim = ({ trimLeftMm, trimRightMm }: Place, { body }: Candidate): boolean =>
  (trimLeftMm !== undefined && isOpenBetween(furthestMm(body.profile, 'left'))) ||
  (trimRightMm !== undefined && isOpenBetween(furthestMm(body.profile, 'right')))
