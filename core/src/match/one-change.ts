import { putsForMode, putsForVehicle, type Case, type Put } from '../casefile/index.ts'
import { bestFirst, type Decision } from '../quantities/index.ts'
import type { Mode, RestraintModel, RestraintUnit, Route } from '../restraint/index.ts'
import type { SeatingPosition, Vehicle } from '../vehicle/index.ts'
import { waysIn, type Way } from './ease.ts'
import { matchModes } from './modes.ts'
import type { Circumstances } from './subjects.ts'
import type { StockItem } from './types.ts'

/** One thing changed about a fitting that has no place, and where it then stands. */
export interface OneChange {
  readonly kind: 'place' | 'route' | 'mode' | 'vehicle' | 'restraint'
  readonly model: RestraintModel
  readonly unit: RestraintUnit | undefined
  readonly mode: Mode
  readonly vehicle: Vehicle
  readonly position: SeatingPosition
  readonly route: Route
  /** `undecided`: a fact has to be found out first. */
  readonly decision: Exclude<Decision, 'fail'>
  readonly isAdvisedAgainst: boolean
  readonly points: number
}

/** What is wanted now; `route` and `position` where they are chosen already. */
export interface Wanted {
  readonly model: RestraintModel
  readonly unit?: RestraintUnit | undefined
  readonly mode: Mode
  readonly vehicle: Vehicle
  readonly route?: Route | undefined
  readonly position?: SeatingPosition | undefined
}

/** The nearest change first: what stays in this car and on this restraint. */
const KIND_ORDER = { place: 0, route: 1, mode: 2, vehicle: 3, restraint: 4 } as const satisfies Record<
  OneChange['kind'],
  number
>

export function compareChanges(a: OneChange, b: OneChange): number {
  return (
    bestFirst(a, b) ||
    Number(a.isAdvisedAgainst) - Number(b.isAdvisedAgainst) ||
    KIND_ORDER[a.kind] - KIND_ORDER[b.kind] ||
    a.points - b.points
  )
}

/**
 * Every single change that lets this child travel: another place or route for
 * the same mode, another mode of the same restraint, another car of the pool,
 * another restraint of the shelf. Best first; empty when no single one does.
 */
export function findOneChange(
  circumstances: Circumstances,
  wanted: Wanted,
  pool: readonly Vehicle[],
  shelf: readonly StockItem[],
): readonly OneChange[] {
  const { model, unit, mode, vehicle } = wanted
  const isSameItem = (item: StockItem): boolean => item.model.id === model.id && item.unit?.id === unit?.id
  const otherItems = shelf.filter((item) => !isSameItem(item))
  const keyOf = (item: StockItem, m: Mode): string => `${item.unit?.id ?? ''}/${item.model.id}/${m.id}`
  // Matched as one stock: whether a child could stay rearward depends on all that there is.
  const standings = new Map(
    matchModes(circumstances, [{ model, unit }, ...otherItems]).map((m) => [keyOf(m, m.mode), m] as const),
  )
  const ways = (
    item: StockItem & { readonly mode: Mode },
    car: Vehicle,
    kind: (way: Way) => OneChange['kind'] | null,
  ) => {
    const standing = standings.get(keyOf(item, item.mode))
    if (standing === undefined || standing.decision === 'fail') return []
    const ofMode = standing.decision
    return waysIn(circumstances, car, item).flatMap((way): OneChange[] => {
      const k = kind(way)
      if (k === null) return []
      const decision = way.decision === 'pass' ? ofMode : way.decision
      return [
        {
          kind: k,
          model: item.model,
          unit: item.unit,
          mode: item.mode,
          vehicle: car,
          position: way.position,
          route: way.route,
          decision,
          isAdvisedAgainst: standing.isAdvisedAgainst,
          points: way.points,
        },
      ]
    })
  }
  const here = ways({ model, unit, mode }, vehicle, ({ route, position }) => {
    const samePlace = wanted.position === undefined || position.id === wanted.position.id
    const sameRoute = wanted.route === undefined || route.id === wanted.route.id
    return samePlace && sameRoute ? null : sameRoute ? 'place' : samePlace ? 'route' : null
  })
  const otherModes = model.modes
    .filter((m) => m.id !== mode.id)
    .flatMap((m) => ways({ model, unit, mode: m }, vehicle, () => 'mode'))
  const otherCars = pool
    .filter((car) => car.id !== vehicle.id)
    .flatMap((car) => ways({ model, unit, mode }, car, () => 'vehicle'))
  const others = otherItems.flatMap((item) =>
    item.model.modes.flatMap((m) => ways({ ...item, mode: m }, vehicle, () => 'restraint')),
  )
  return [...here, ...otherModes, ...otherCars, ...others].toSorted(compareChanges)
}

/** The entry that makes a fitting what one change would make it. */
export function putsForChange(c: Case, change: OneChange): readonly Put[] {
  const { model, unit, mode, vehicle, position, route } = change
  const isSameMode = c.choice.modelId === model.id && c.choice.modeId === mode.id && c.choice.unitId === unit?.id
  const gone = (['legNotch', 'frontSeatGapMm', 'vehicleHeadRestraint'] as const).filter((id) => c.settings[id])
  return [
    ...(c.vehicle?.id === vehicle.id ? [] : putsForVehicle(c, vehicle)),
    ...(isSameMode ? [] : putsForMode(c, model, mode.id, unit)),
    ...gone.map((id): Put => ({ path: ['settings', id], value: null })),
    {
      path: ['choice'],
      value: {
        modelId: model.id,
        modeId: mode.id,
        ...(unit && { unitId: unit.id }),
        positionId: position.id,
        routeId: route.id,
      },
    },
  ]
}

/** The best change of each kind and thing: one line for another car, not one for each of its places. */
export function distinctChanges(changes: readonly OneChange[]): readonly OneChange[] {
  const seen = new Set<string>()
  return changes.filter((c) => {
    const key = [c.kind, c.vehicle.id, c.model.id, c.mode.id, c.kind === 'place' ? c.position.id : ''].join('/')
    return !seen.has(key) && seen.add(key)
  })
}
