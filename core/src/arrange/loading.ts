import type { Fact } from './facts.ts'
import type { Candidate, CarProblem, Place } from './problem.ts'

/**
 * Order of hands. A place is reached by its door, or past another whose
 * restraint lets a child by and whose own child is not in yet. Whoever is
 * furthest from a door goes first, so that an order exists exactly where
 * everybody has a way of places that can be passed.
 */
type WayOut = 'yes' | 'look' | 'no'
const RANK: Readonly<Record<WayOut, number>> = { no: 0, look: 1, yes: 2 }
const worse = (a: WayOut, b: WayOut): WayOut => (RANK[a] < RANK[b] ? a : b)
const better = (a: WayOut, b: WayOut): WayOut => (RANK[a] > RANK[b] ? a : b)

export interface LoadingState {
  readonly state: 'certain' | 'possible' | 'no'
  readonly facts: readonly Fact[]
}

/** Whether somebody gets by a place: a person there is not in yet, adults get in last. */
function passing(by: Candidate, at: Candidate | undefined): WayOut {
  if (at === undefined || at === by) return 'yes'
  if (at.unitClass === undefined) return 'yes'
  if (by.unitClass === undefined && by.mode === undefined) return at.isAdultPassable ? 'yes' : 'no'
  return at.passable
}

/** Whether one sits where the other’s only way in leads, and lets nobody by. */
export const isInTheWay = ({ places }: CarProblem, of: Candidate, other: Candidate): boolean => {
  if (of.second !== undefined) return false
  const { reached } = places[of.place] as Place
  if (typeof reached === 'string' || reached.length !== 1) return false
  const only = reached[0]
  return (only === other.place || only === other.second) && passing(of, other) === 'no'
}

export interface WayIn {
  readonly way: WayOut
  /** Places passed from the door on; empty where the place has its own. */
  readonly past: readonly number[]
}

/** The best way in for one rider to the place where it sits. */
export function wayIn(problem: CarProblem, at: ReadonlyMap<number, Candidate>, rider: Candidate): WayIn {
  const { places } = problem
  const from = (index: number, seen: readonly number[]): WayIn => {
    const { reached } = places[index] as Place
    if (reached === 'door') return { way: 'yes', past: [] }
    if (reached === 'unknown') return { way: 'look', past: [] }
    let best: WayIn = { way: 'no', past: [] }
    for (const next of reached) {
      if (seen.includes(next)) continue
      const beyond = from(next, [...seen, next])
      const way = worse(passing(rider, at.get(next)), beyond.way)
      const past = [...beyond.past, next]
      // Of equal ways the shortest: two riders then never wait for one another.
      if (RANK[way] > RANK[best.way] || (way === best.way && way !== 'no' && past.length < best.past.length))
        best = { way, past }
    }
    return best
  }
  const first = from(rider.place, [rider.place])
  if (rider.second === undefined) return first
  // One that lies across two places is lifted in at either end.
  const second = from(rider.second, [rider.second])
  return better(first.way, second.way) === first.way ? first : second
}

export const seatedAt = (picks: readonly Candidate[]): ReadonlyMap<number, Candidate> => {
  const at = new Map<number, Candidate>()
  for (const c of picks) {
    at.set(c.place, c)
    if (c.second !== undefined) at.set(c.second, c)
  }
  return at
}

/** Whether all of them can get in, in some order. */
export function loadingState(problem: CarProblem, picks: readonly Candidate[]): LoadingState {
  const at = seatedAt(picks)
  const facts: Fact[] = []
  const ways = picks
    .filter((c) => problem.riders[c.rider]?.kind !== 'driver')
    .map((c) => ({ c, ...wayIn(problem, at, c) }))
  const isPast = (past: readonly number[], c: Candidate): boolean =>
    past.includes(c.place) || (c.second !== undefined && past.includes(c.second))
  for (const { c, way, past } of ways) {
    const rider = problem.riders[c.rider]
    if (way === 'no') return { state: 'no', facts: [] }
    // A child past an adult's place who gets in past the child's: somebody has to look how.
    const isMutual = past.length > 0 && ways.some((o) => o.c !== c && isPast(past, o.c) && isPast(o.past, c))
    if (way === 'look' || isMutual) {
      const need = 'loading.past'
      facts.push({
        key: `${need} ${rider?.id ?? ''}`,
        need,
        childId: rider?.id,
        positionId: (problem.places[c.place] as Place).position.id,
      })
    }
  }
  return { state: facts.length === 0 ? 'certain' : 'possible', facts }
}

/** Who gets in when: the furthest from a door first, adults after the children that they do not have to get past. */
export function loadingOrder(problem: CarProblem, picks: readonly Candidate[]): readonly Candidate[] {
  const at = seatedAt(picks)
  const riders = picks.filter((c) => problem.riders[c.rider]?.kind !== 'driver')
  const past = new Map(riders.map((c) => [c, wayIn(problem, at, c).past]))
  const order: Candidate[] = []
  const add = (c: Candidate): void => {
    if (order.includes(c)) return
    // Whoever must get past this place goes before it.
    for (const other of riders) {
      if (other === c || order.includes(other)) continue
      if ((past.get(other) ?? []).some((p) => p === c.place || p === c.second)) add(other)
    }
    order.push(c)
  }
  const isChild = (c: Candidate): boolean => problem.riders[c.rider]?.kind === 'child'
  for (const c of riders.toSorted((a, b) => Number(isChild(b)) - Number(isChild(a)))) add(c)
  return order
}
