import { mayLendBars, servesOneOnly } from '../vehicle/index.ts'
import { isShared, type Fact } from './facts.ts'
import { frontState } from './front-seats.ts'
import { FACT, MARGIN_EQUAL_MM, packBoth } from './levels.ts'
import { isInTheWay, loadingState, seatedAt, wayIn } from './loading.ts'
import type { Candidate, CarProblem, Picks, Place } from './problem.ts'
import { Rows, type RowState } from './rows.ts'

/** What a set of picks comes to; `before` and `after` as in `levels.ts`. */
export interface Worth {
  readonly before: number
  readonly marginMm: number
  readonly after: number
}
/** What one more way does beside those seated. */
export interface More {
  /** What it adds, packed; `Infinity` where its row leaves less room than `floorMm`. */
  readonly adds: (c: Candidate, floorMm?: number) => number
  /** Room that its row then has at the tightest pair. */
  readonly roomMm: (c: Candidate) => number
}
export const NOTHING_MORE: More = { adds: () => 0, roomMm: () => Infinity }

interface Evaluated extends Worth {
  readonly facts: readonly Fact[]
}

/** Bars of two neighbours one of which is the middle may be the same two: many cars lend the inner ones. */
const NEED_SHARED = 'position.sharedWith'

/** Judges picks of one car, whole or in part: what is said of a part holds for every whole that it grows into. */
export class Judge {
  readonly problem: CarProblem
  readonly rows: Rows
  readonly #rowNumbers: readonly number[]
  readonly #shared: ReadonlyMap<number, readonly CarProblem['sharing'][number][]>
  readonly #lendsBars: ReadonlyMap<number, Fact>

  constructor(problem: CarProblem) {
    this.problem = problem
    this.rows = new Rows(problem)
    this.#rowNumbers = [...new Set(problem.places.map((p) => p.row))]
    const shared = new Map<number, CarProblem['sharing'][number][]>()
    for (const s of problem.sharing) {
      const key = pairKey(s.place, s.other)
      shared.set(key, [...(shared.get(key) ?? []), s])
    }
    this.#shared = shared
    this.#lendsBars = lendingOf(problem)
  }

  /** Whether two riders can have these at once, as far as two alone tell. */
  together(a: Candidate, b: Candidate): boolean {
    if ((a.mask & b.mask) !== 0) return false
    if (!this.#unitsSuffice(a, b)) return false
    const { places } = this.problem
    const airbagA = (places[a.place] as Place).airbagOf
    if (airbagA !== undefined && airbagA === (places[b.place] as Place).airbagOf) {
      if ((a.airbag === 'on' && b.airbag === 'off') || (a.airbag === 'off' && b.airbag === 'on')) return false
    }
    if ((places[a.place] as Place).row === (places[b.place] as Place).row && !this.rows.pairFits(a, b)) return false
    if (isInTheWay(this.problem, a, b) || isInTheWay(this.problem, b, a)) return false
    if (this.#shared.size === 0) return true
    for (const p of placesOf(a))
      for (const q of placesOf(b))
        for (const s of this.#shared.get(pairKey(p, q)) ?? [])
          if (servesOneOnly(s.part, s.place === p ? a : b, s.place === p ? b : a)) return false
    return true
  }

  #unitsSuffice(a: Candidate, b: Candidate): boolean {
    const { classes } = this.problem
    const lacks = (x: number | undefined, y: number | undefined): boolean =>
      x !== undefined && x === y && (classes[x] as (typeof classes)[number]).units.length < 2
    return !(
      lacks(a.unitClass, b.unitClass) ||
      lacks(a.baseClass, b.baseClass) ||
      lacks(a.unitClass, b.baseClass) ||
      lacks(a.baseClass, b.unitClass)
    )
  }

  /** Whether enough units of every class are there for all of them. */
  #classesSuffice(picks: readonly Candidate[]): boolean {
    const { classes } = this.problem
    const used = new Map<number, number>()
    for (const c of picks)
      for (const x of [c.unitClass, c.baseClass]) if (x !== undefined) used.set(x, (used.get(x) ?? 0) + 1)
    return [...used].every(([x, n]) => n <= (classes[x] as (typeof classes)[number]).units.length)
  }

  /** `undefined` where they cannot be together; pairs are taken to have been asked already. */
  evaluate(picks: Picks, isWhole: boolean): Evaluated | undefined {
    const { problem } = this
    if (picks.length > 2 && !this.#classesSuffice(picks)) return undefined
    let before = 0
    let after = 0
    let marginMm = Infinity
    const facts = new Map<string, Fact>()
    const need = (more: readonly Fact[]): void => {
      for (const fact of more) facts.set(fact.key, fact)
    }
    for (const c of picks) {
      before += c.before
      after += c.after
      need(c.facts)
    }
    for (const row of this.#rowNumbers) {
      const state = this.rows.stateOf(this.rows.inRow(picks, row), isWhole)
      if (state.state === 'no') return undefined
      marginMm = Math.min(marginMm, state.marginMm)
      need(state.facts)
    }
    const front = frontState(problem, picks)
    if (front.state === 'no') return undefined
    need(front.facts)
    const loading = loadingState(problem, picks)
    if (loading.state === 'no') return undefined
    need(loading.facts)
    need(this.#barsLent(picks))
    return { before: before + facts.size * FACT, marginMm, after, facts: [...facts.values()] }
  }

  /**
   * What a way adds beside those seated, packed: facts that the two rows then
   * ask for. A fact that another of the `waiting` riders could ask for as well
   * counts as their share of it, so that together they never say too much.
   * `Infinity` where its row has no room for it, or less than is asked for.
   */
  moreBeside(picks: Picks, facts: readonly Fact[], waiting: number): More {
    const { places, riders } = this.problem
    const asked = new Set(facts.map((f) => f.key))
    const at = seatedAt(picks)
    const inRow = new Map(this.#rowNumbers.map((row) => [row, this.rows.inRow(picks, row)]))
    // Who got in without a look so far, past places that are still free.
    const inside = picks.filter(
      (p) => isReachedPast(places[p.place] as Place) && wayIn(this.problem, at, p).way === 'yes',
    )
    const onTheWay = inside.reduce((mask, p) => mask | this.#waysOf(p), 0)
    // Both hang on where a way sits and on what it lets by, and few differ in that.
    const looks = remembered(
      (c) => c.mask * 2 + Number(c.mode === undefined),
      (c) => wayIn(this.problem, at, c).way === 'look',
    )
    const inTheWay = remembered(
      (c) =>
        ((c.mask * 4 + PASSABLE_CODE[c.passable]) * 2 + Number(c.isAdultPassable)) * 2 +
        Number(c.unitClass === undefined),
      (c) => {
        const withThis = new Map(at).set(c.place, c)
        if (c.second !== undefined) withThis.set(c.second, c)
        let count = 0
        for (const p of inside) {
          const { way } = wayIn(this.problem, withThis, p)
          if (way === 'no') return Infinity
          if (way === 'look') count += 1
        }
        return count
      },
    )
    const share = packBoth(Math.floor(FACT / waiting), 0)
    const whole = packBoth(FACT, 0)
    const stateWith = (c: Candidate): RowState | undefined => {
      const beside = inRow.get((places[c.place] as Place).row) as readonly Candidate[]
      return beside.length === 0 ? undefined : this.rows.stateWith(beside, c)
    }
    const adds = (c: Candidate, floorMm = -Infinity): number => {
      const place = places[c.place] as Place
      let more = 0
      if (c.ownFacts < c.facts.length)
        for (const fact of c.facts) if (isShared(fact) && !asked.has(fact.key)) more += share
      const state = stateWith(c)
      if (state !== undefined) {
        if (state.state === 'no' || state.marginMm < floorMm - MARGIN_EQUAL_MM) return Infinity
        const id = riders[c.rider]?.id
        for (const fact of state.facts)
          if (!asked.has(fact.key) && fact.need !== 'position.lateralCentreMm') more += fact.childId === id && fact.childId !== undefined ? whole : share // prettier-ignore
      }
      if (place.reached !== 'door' && riders[c.rider]?.kind !== 'driver' && looks(c)) more += whole
      if (inside.length > 0 && (c.mask & onTheWay) !== 0) more += share * inTheWay(c)
      return more
    }
    return { adds, roomMm: (c) => stateWith(c)?.marginMm ?? Infinity }
  }

  /** Places, as bits, that somebody may have to get past to reach one. */
  #waysOf(c: Candidate): number {
    const { places } = this.problem
    let mask = 0
    const from = (index: number): void => {
      const { reached } = places[index] as Place
      if (typeof reached === 'string') return
      for (const next of reached) {
        if ((mask & (1 << next)) !== 0) continue
        mask |= 1 << next
        from(next)
      }
    }
    for (const p of placesOf(c)) from(p)
    return mask
  }

  #barsLent(picks: readonly Candidate[]): readonly Fact[] {
    if (this.#lendsBars.size === 0) return []
    const found: Fact[] = []
    picks.forEach((a, i) => {
      if (!a.usesBars) return
      for (const b of picks.slice(i + 1)) {
        if (!b.usesBars) continue
        const fact = this.#lendsBars.get(pairKey(a.place, b.place))
        if (fact !== undefined) found.push(fact)
      }
    })
    return found
  }
}

const isReachedPast = ({ reached }: Place): boolean => typeof reached !== 'string'
const PASSABLE_CODE = { no: 0, look: 1, yes: 2 } as const

/** An answer worked out once for all ways that are alike in what it hangs on. */
function remembered<T>(keyOf: (c: Candidate) => number, make: (c: Candidate) => T): (c: Candidate) => T {
  const known = new Map<number, T>()
  return (c) => {
    const key = keyOf(c)
    const before = known.get(key)
    if (before !== undefined) return before
    const value = make(c)
    known.set(key, value)
    return value
  }
}
const pairKey = (p: number, q: number): number => (p < q ? p * 64 + q : q * 64 + p)
const placesOf = (c: Candidate): readonly number[] => (c.second === undefined ? [c.place] : [c.place, c.second])

/** Pairs of neighbours with bars each, one of them the middle, of which nobody has said whether the two share any. */
function lendingOf({ places, vehicle }: CarProblem): ReadonlyMap<number, Fact> {
  const found = new Map<number, Fact>()
  for (const a of places)
    for (const b of places) {
      if (b.turn !== a.turn + 1 || !mayLendBars(a.position, b.position)) continue
      const middle = a.position.side === 'centre' ? a : b
      const positionId = middle.position.id
      const key = `${NEED_SHARED} ${vehicle.id} ${positionId}`
      found.set(pairKey(a.index, b.index), { key, need: NEED_SHARED, vehicleId: vehicle.id, positionId })
    }
  return found
}
