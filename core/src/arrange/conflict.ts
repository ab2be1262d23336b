import { type ModelId, UnitId, type VehicleId } from '../ground/index.ts'
import { isBaseUnit } from '../restraint/index.ts'
import { isDriversPlace, type SeatingPosition, type Vehicle } from '../vehicle/index.ts'
import { compile } from './compile.ts'
import { familyOf } from './family.ts'
import type { ArrangeRequest } from './request.ts'
import { searching, type Word } from './search.ts'
import { withoutChildren } from './without-some.ts'

/**
 * A fact of the question that could be otherwise: somebody rides, a pin, a cup
 * holder is on. Measures, ranges and plain geometry are none of them.
 */
export type ConflictFact =
  | { readonly kind: 'child-rides'; readonly childId: string }
  | { readonly kind: 'adult-rides'; readonly adultId: string }
  | { readonly kind: 'pin'; readonly index: number }
  | { readonly kind: 'tallest-driver' }
  | { readonly kind: 'extra-on'; readonly modelId: ModelId }
  | { readonly kind: 'taken'; readonly positionId: string }
  | { readonly kind: 'airbag'; readonly positionId: string }
  | { readonly kind: 'floor-box'; readonly positionId: string }
  | { readonly kind: 'shared'; readonly positionId: string; readonly otherId: string; readonly part: string }
  | { readonly kind: 'trim'; readonly row: number }
  | { readonly kind: 'one-base'; readonly modelId: ModelId }

const withPositions = (vehicle: Vehicle, change: (p: SeatingPosition) => SeatingPosition): Vehicle => ({
  ...vehicle,
  positions: vehicle.positions.map(change),
})
const without = <K extends keyof SeatingPosition>(p: SeatingPosition, key: K): SeatingPosition => {
  const { [key]: _gone, ...rest } = p
  return rest as SeatingPosition
}

/** Everything about one car and its family that could be otherwise. */
function conflictFacts(request: ArrangeRequest, vehicle: Vehicle): readonly ConflictFact[] {
  const models = new Map(request.restraints.map((m) => [m.id, m]))
  const off = new Set(request.extrasOff)
  const extras = new Set(
    request.units
      .filter((u) => !off.has(u.id) && models.get(u.modelId)?.modes.some((m) => m.extraWidthMm !== undefined))
      .map((u) => u.modelId),
  )
  const bases = new Set(
    request.units.filter((u) => isBaseUnit(models.get(u.modelId) as never, u)).map((u) => u.modelId),
  )
  return [
    ...request.children.map((c) => ({ kind: 'child-rides', childId: c.id }) as const),
    ...(request.adults ?? []).map((a) => ({ kind: 'adult-rides', adultId: a.id }) as const),
    ...(request.pins ?? []).flatMap((pin, index) =>
      pin.kind === 'leave-out' ? [] : [{ kind: 'pin', index } as const],
    ),
    ...(vehicle.positions.some((p) => p.frontClearanceMm !== undefined) ? [{ kind: 'tallest-driver' } as const] : []),
    ...[...extras].map((modelId) => ({ kind: 'extra-on', modelId }) as const),
    ...(request.taken ?? [])
      .filter((t) => t.vehicleId === vehicle.id)
      .map((t) => ({ kind: 'taken', positionId: t.positionId }) as const),
    ...vehicle.positions.flatMap((p): ConflictFact[] => [
      ...(p.frontAirbag !== undefined && p.frontAirbag !== 'none' && !isDriversPlace(vehicle, p)
        ? [{ kind: 'airbag', positionId: p.id } as const]
        : []),
      ...(p.floor !== undefined && p.floor.kind.startsWith('box')
        ? [{ kind: 'floor-box', positionId: p.id } as const]
        : []),
      ...(p.sharedWith ?? []).map(
        (s) => ({ kind: 'shared', positionId: p.id, otherId: s.positionId, part: s.part }) as const,
      ),
    ]),
    ...(vehicle.rows ?? []).map((r) => ({ kind: 'trim', row: r.row }) as const),
    ...[...bases].map((modelId) => ({ kind: 'one-base', modelId }) as const),
  ]
}

/** The question with some of those facts let go; who stays at home is told apart. */
function letGo(request: ArrangeRequest, vehicle: Vehicle, gone: readonly ConflictFact[]) {
  let car = vehicle
  let { units, extrasOff = [], pins = [], taken = [], adults = [] } = request
  const goneIndices = new Set(gone.flatMap((f) => (f.kind === 'pin' ? [f.index] : [])))
  pins = pins.filter((_, i) => !goneIndices.has(i))
  const childIds = new Set<string>()
  for (const fact of gone) {
    switch (fact.kind) {
      case 'child-rides':
        childIds.add(fact.childId)
        break
      case 'adult-rides':
        adults = adults.filter((a) => a.id !== fact.adultId)
        break
      case 'pin':
        break
      case 'tallest-driver':
        // A driver who can sit anywhere on the track; where the track is not known, at any distance.
        car = withPositions(car, (p) =>
          p.row < 2 || p.frontClearanceMm === undefined
            ? p
            : p.frontSeatRangeMm === undefined
              ? { ...p, frontClearanceMm: { value: 2000, source: 'told' } }
              : { ...p, frontClearanceMm: { value: p.frontSeatRangeMm.fullyForwardMm, source: 'told' } },
        )
        break
      case 'extra-on':
        extrasOff = [...extrasOff, ...units.filter((u) => u.modelId === fact.modelId).map((u) => u.id)]
        break
      case 'taken':
        taken = taken.filter((t) => t.positionId !== fact.positionId || t.vehicleId !== vehicle.id)
        break
      case 'airbag':
        car = withPositions(car, (p) => (p.id === fact.positionId ? { ...p, frontAirbag: 'none' } : p))
        car = withPositions(car, (p) =>
          p.airbagOf === fact.positionId ? { ...without(p, 'airbagOf'), frontAirbag: 'none' } : p,
        )
        break
      case 'floor-box':
        car = withPositions(car, (p) => (p.id === fact.positionId ? { ...p, floor: { kind: 'solid' } } : p))
        break
      case 'shared':
        car = withPositions(car, (p) =>
          p.id === fact.positionId
            ? {
                ...p,
                sharedWith: (p.sharedWith ?? []).filter((s) => s.positionId !== fact.otherId || s.part !== fact.part),
              }
            : p,
        )
        break
      case 'trim':
        car = { ...car, rows: (car.rows ?? []).filter((r) => r.row !== fact.row) }
        break
      case 'one-base': {
        const bases = units.filter((u) => u.modelId === fact.modelId && u.partId !== undefined)
        const more = bases.flatMap((u) => request.children.map((_, i) => ({ ...u, id: UnitId(`${u.id}--${i}`) })))
        units = [...units, ...more]
        break
      }
    }
  }
  // Ids may be named twice by now; nothing reads them but pins, which name the first.
  return { question: { ...request, vehicles: [car], units, extrasOff, pins, taken, adults }, childIds }
}

/** Whether they can be arranged once these facts are let go, be it only once all is measured; `undefined` where it was stopped. */
function* fitsWithout(
  request: ArrangeRequest,
  vehicle: Vehicle,
  gone: readonly ConflictFact[],
): Generator<undefined, boolean | undefined, Word> {
  const { question, childIds } = letGo(request, vehicle, gone)
  if (childIds.size === question.children.length && question.adults.length === 0) return true
  const [problem] = compile(familyOf(question, false))
  if (problem === undefined) return false
  const left = new Set(problem.riders.flatMap((r, i) => (r.kind === 'child' && childIds.has(r.id) ? [i] : [])))
  const result = yield* searching(withoutChildren(problem, left), { isFirstEnough: true })
  return result && result.best.length > 0
}

/** The fewest numbers that have one in each of these sets; of equally few the first in order. */
function smallestHitting(sets: readonly (readonly number[])[]): readonly number[] {
  const hits = (chosen: readonly number[]): readonly number[] | undefined =>
    sets.find((s) => !s.some((x) => chosen.includes(x)))
  const grow = (chosen: readonly number[], most: number): readonly number[] | undefined => {
    const missed = hits(chosen)
    if (missed === undefined) return chosen
    if (chosen.length >= most) return undefined
    for (const x of missed) {
      const found = grow([...chosen, x], most)
      if (found) return found
    }
    return undefined
  }
  for (let most = 0; ; most += 1) {
    const found = grow([], most)
    if (found) return found
  }
}

/**
 * The fewest facts that cannot all stand together in one car: with every other
 * let go there is still no arrangement. Found by hitting what has to be let go:
 * a set that hits every way out and leaves none is the smallest by number.
 * `undefined` where they fail for reasons that are no facts of the question, or
 * where it was stopped.
 */
export function* smallestConflict(
  request: ArrangeRequest,
  vehicleId: VehicleId,
): Generator<undefined, readonly ConflictFact[] | undefined, Word> {
  const found = request.vehicles.find((v) => v.id === vehicleId)
  if (found === undefined) return undefined
  const vehicle: Vehicle = found
  const facts = conflictFacts(request, vehicle)
  const all = facts.map((_, i) => i)
  const known = new Map<string, boolean>()
  function* fits(kept: readonly number[]): Generator<undefined, boolean | undefined, Word> {
    const key = kept.toSorted((a, b) => a - b).join(' ')
    const before = known.get(key)
    if (before !== undefined) return before
    const answer = yield* fitsWithout(
      request,
      vehicle,
      facts.filter((_, i) => !kept.includes(i)),
    )
    if (answer !== undefined) known.set(key, answer)
    return answer
  }
  if ((yield* fits(all)) !== false) return undefined
  const waysOut: number[][] = []
  for (;;) {
    const kept = smallestHitting(waysOut)
    const isStanding = yield* fits(kept)
    if (isStanding === undefined) return undefined
    if (!isStanding) return kept.map((i) => facts[i] as ConflictFact)
    // As much as can stand beside it: what is left over is one more way out.
    let standing = [...kept]
    for (const i of all) {
      if (standing.includes(i)) continue
      const answer = yield* fits([...standing, i])
      if (answer === undefined) return undefined
      if (answer) standing = [...standing, i]
    }
    waysOut.push(all.filter((i) => !standing.includes(i)))
  }
}
