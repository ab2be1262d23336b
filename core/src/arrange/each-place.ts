import { type VehicleId } from '../ground/index.ts'
import { evaluate, modeSubject, placeSubject, worstFirst } from '../match/index.ts'
import { severityOf, titleOf, toFinding, type RawFinding } from '../rules/index.ts'
import { isDriversPlace, type SeatingPosition, type Vehicle } from '../vehicle/index.ts'
import type { ArrangeVerdict } from './arrange.ts'
import { compile } from './compile.ts'
import { smallestConflict, type ConflictFact } from './conflict.ts'
import type { Fact } from './facts.ts'
import { familyOf, type ChildOfFamily, type Family } from './family.ts'
import type { ArrangeRequest, Pin } from './request.ts'
import { searchCar, type Word } from './search.ts'

/** Why somebody cannot sit at a place: as the car has it, by a rule, or beside whoever else rides. */
export type WhyNotThere =
  | { readonly kind: 'driver' }
  | { readonly kind: 'taken' }
  /** The rule that refuses most of what the child could ride in. */
  | { readonly kind: 'rule'; readonly ruleId: string; readonly title: string; readonly reason: string }
  /** Nothing of the shelf suits the child anywhere. */
  | { readonly kind: 'nothing-suits' }
  /** The fewest facts beside this place that cannot all stand; empty where none of them is one that could be otherwise. */
  | { readonly kind: 'beside'; readonly facts: readonly ConflictFact[] }

/** Whether somebody could sit at one place with everybody else somewhere. */
export interface PlaceAnswer {
  readonly positionId: string
  readonly verdict: ArrangeVerdict
  /** What is still to be measured, where it fits only then. */
  readonly facts: readonly Fact[]
  readonly why?: WhyNotThere | undefined
}

/** The question with one rider at one place, whatever was pinned of it before. */
function seatedRequest(request: ArrangeRequest, vehicle: Vehicle, riderId: string, positionId: string): ArrangeRequest {
  const rest = { ...request, vehicles: [vehicle] }
  if (request.adults?.some((a) => a.id === riderId) === true)
    return { ...rest, adults: request.adults.map((a) => (a.id === riderId ? { ...a, positionId } : a)) }
  const pins = (request.pins ?? []).filter((p) => p.kind !== 'child-at' || p.childId !== riderId)
  return { ...rest, pins: [...pins, { kind: 'child-at', childId: riderId, positionId, vehicleId: vehicle.id }] }
}

/** The rule that refuses most of what a child could ride in at one place; `undefined` where something may stand there. */
function refusalAt(vehicle: Vehicle, child: ChildOfFamily, position: SeatingPosition): WhyNotThere | undefined {
  if (child.ways.length === 0) return child.isBeyondLocalRule ? undefined : { kind: 'nothing-suits' }
  const refusals = new Map<string, { readonly finding: RawFinding; count: number }>()
  for (const way of child.ways)
    for (const route of way.subject.mode.routes) {
      const subject = modeSubject(way.subject, way.unitClass.model, way.subject.mode, way.unit)
      const at = placeSubject(subject, route, position, vehicle)
      const [worst] = worstFirst(
        [...evaluate('place', at), ...evaluate('route', at)].filter(
          (f) => f.outcome.kind === 'fail' && severityOf(f) !== 'advise',
        ),
      )
      if (worst === undefined) return undefined
      const known = refusals.get(worst.rule.id) ?? { finding: worst, count: 0 }
      known.count += 1
      refusals.set(worst.rule.id, known)
    }
  const [most] = [...refusals.values()].toSorted((a, b) => b.count - a.count)
  if (most === undefined) return undefined
  const { rule } = most.finding
  return { kind: 'rule', ruleId: rule.id, title: titleOf(rule), reason: toFinding(most.finding).reason }
}

function* whyNotAt(
  family: Family,
  vehicle: Vehicle,
  riderId: string,
  position: SeatingPosition,
): Generator<undefined, WhyNotThere | undefined, Word> {
  const { request } = family
  const child = family.children.find((c) => c.circumstances.child.id === riderId)
  const refused = child && refusalAt(vehicle, child, position)
  if (refused) return refused
  const asked = seatedRequest(request, vehicle, riderId, position.id)
  const facts = yield* smallestConflict(asked, vehicle.id)
  // That this one sits there is what is asked: it is no reason against itself.
  const isAsked = (pin: Pin | undefined): boolean =>
    pin?.kind === 'child-at' && pin.childId === riderId && pin.positionId === position.id
  const others = (facts ?? []).filter((f) =>
    f.kind === 'pin'
      ? !isAsked(asked.pins?.[f.index])
      : f.kind === 'child-rides'
        ? f.childId !== riderId
        : f.kind !== 'adult-rides' || f.adultId !== riderId,
  )
  return { kind: 'beside', facts: others }
}

/**
 * For every place of one car whether one rider could sit there with everybody
 * else somewhere: while a figure is carried over the plan. First whether, for all
 * of them, then why not; each place is told again once more is known of it.
 */
export function* eachPlace(
  request: ArrangeRequest,
  vehicleId: VehicleId,
  riderId: string,
): Generator<PlaceAnswer | undefined, void, Word> {
  const vehicle = request.vehicles.find((v) => v.id === vehicleId)
  if (vehicle === undefined) return
  const taken = new Set(request.taken?.filter((t) => t.vehicleId === vehicleId).map((t) => t.positionId))
  const family = familyOf({ ...request, vehicles: [vehicle] }, false)
  const refused: SeatingPosition[] = []
  for (const position of vehicle.positions) {
    const no = (why: WhyNotThere): PlaceAnswer => ({ positionId: position.id, verdict: 'does-not-fit', facts: [], why })
    if (isDriversPlace(vehicle, position)) {
      yield no({ kind: 'driver' })
      continue
    }
    if (taken.has(position.id)) {
      yield no({ kind: 'taken' })
      continue
    }
    const asked = seatedRequest(request, vehicle, riderId, position.id)
    const [problem] = compile({ ...family, request: asked })
    if (problem === undefined) continue
    const search = searchCar(problem, { alternatives: 1 })
    let step = search.next()
    let word: Word
    while (step.done !== true) {
      // A word is kept: once stopped, the search ends with what it has.
      word ??= yield undefined
      step = search.next(word)
    }
    const { best, isWhole } = step.value
    const [found] = best
    if (found === undefined && isWhole) refused.push(position)
    const verdict =
      found === undefined ? (isWhole ? 'does-not-fit' : 'not-known') : found.facts.length === 0 ? 'fits' : 'fits-if-measured' // prettier-ignore
    if ((yield { positionId: position.id, verdict, facts: found?.facts ?? [] }) === 'stop' || word === 'stop') return
  }
  for (const position of refused) {
    const why = yield* whyNotAt(family, vehicle, riderId, position)
    if ((yield { positionId: position.id, verdict: 'does-not-fit', facts: [], why }) === 'stop') return
  }
}
