import type { Fact } from './facts.ts'
import type { Candidate, CarProblem } from './problem.ts'

/**
 * Every front seat has one setting, which must suit who sits on it and
 * everything behind it. Settings are travels from fully back, in mm. Backs of
 * two front seats are level where a rearward shell stands in the middle behind both.
 */
export interface FrontState {
  readonly state: 'certain' | 'possible' | 'no'
  readonly facts: readonly Fact[]
}

const FITS: FrontState = { state: 'certain', facts: [] }
const REFUSED: FrontState = { state: 'no', facts: [] }

/** Settings that are asked for of seats which must stand alike. */
interface Wanted {
  lo: number
  hi: number
}

const narrowed = (a: Wanted, lo: number, hi: number): Wanted => ({ lo: Math.max(a.lo, lo), hi: Math.min(a.hi, hi) })
/** A millionth of a millimetre is rounding. */
const isEmpty = ({ lo, hi }: Wanted): boolean => lo > hi + 1e-6

export function frontState({ places, vehicle }: CarProblem, picks: readonly Candidate[]): FrontState {
  const asking = picks.filter((c) => c.travel.length > 0)
  if (asking.length === 0) return FITS
  const onSeat = new Map<number, Candidate>()
  for (const c of picks) {
    onSeat.set(c.place, c)
    if (c.second !== undefined) onSeat.set(c.second, c)
  }
  // Seats that a shell in the middle levels stand under the name of the first of them.
  const nameOf = new Map<number, number>()
  const named = (seat: number): number => {
    const name = nameOf.get(seat)
    return name === undefined || name === seat ? seat : named(name)
  }
  for (const c of asking) {
    const [first, ...others] = c.travel.map((t) => t.seat)
    for (const other of others) nameOf.set(named(other), named(first as number))
  }

  const certain = new Map<number, Wanted>()
  const possible = new Map<number, Wanted>()
  const facts = new Map<string, Fact>()
  const ask = (seat: number, of: Map<number, Wanted>, lo: number, hi: number): void => {
    const name = named(seat)
    of.set(name, narrowed(of.get(name) ?? { lo: 0, hi: Infinity }, lo, hi))
  }
  for (const c of asking) {
    for (const t of c.travel) {
      const sitter = onSeat.get(t.seat)
      const needsTravel =
        sitter !== undefined &&
        (sitter.onFrontSeat === 'restraint' || (sitter.onFrontSeat === 'person' && sitter.seatForwardMm !== undefined))
      if (t.openFact !== undefined) {
        // At the tallest driver's setting it was judged by its own rule; elsewhere nobody knows how far it goes.
        if (needsTravel || c.travel.length > 1) facts.set(t.openFact.key, t.openFact)
        continue
      }
      ask(t.seat, certain, t.certain.lo, t.certain.hi)
      ask(t.seat, possible, t.possible.lo, t.possible.hi)
      if (sitter === undefined) continue
      if (sitter.onFrontSeat === 'restraint') {
        ask(t.seat, certain, 0, 0)
        ask(t.seat, possible, 0, 0)
      } else if (sitter.onFrontSeat === 'driver') {
        ask(t.seat, certain, 0, t.driverMm?.lo ?? 0)
        ask(t.seat, possible, 0, t.driverMm?.hi ?? Infinity)
      } else if (sitter.seatForwardMm !== undefined) {
        ask(t.seat, certain, 0, sitter.seatForwardMm)
        ask(t.seat, possible, 0, sitter.seatForwardMm)
      } else {
        // Nobody said how far forward it may stand: for certain as far as for the tallest, perhaps further.
        ask(t.seat, certain, 0, t.driverMm?.lo ?? 0)
      }
    }
  }
  if ([...possible.values()].some(isEmpty)) return REFUSED
  for (const [seat, wanted] of certain) {
    if (!isEmpty(wanted)) continue
    // Between the two, what was measured is not near enough to tell.
    for (const c of asking)
      for (const t of c.travel)
        if (named(t.seat) === seat) {
          const { position } = places[c.place] as (typeof places)[number]
          const need = 'position.frontClearanceMm'
          const key = `${need} ${vehicle.id} ${position.id}`
          facts.set(key, { key, need, vehicleId: vehicle.id, positionId: position.id })
        }
  }
  return facts.size === 0 ? FITS : { state: 'possible', facts: [...facts.values()] }
}
