import type { RestraintModel, RestraintUnit } from '../restraint/index.ts'
import type { Vehicle } from '../vehicle/index.ts'
import type { Case } from './case.ts'
import type { Put } from './put.ts'

/** A case file holds at most this many restraints; the longest unchosen ones go first. */
const MAX_KEPT = 50

const withNewest = <T extends { readonly id: string }>(items: readonly T[], newest: T): T[] =>
  [...items.filter((x) => x.id !== newest.id), newest].slice(-MAX_KEPT)

const clear = (c: Case, ids: readonly (keyof Case['settings'])[]): Put[] =>
  ids.filter((id) => c.settings[id] !== undefined).map((id) => ({ path: ['settings', id], value: null }))

/**
 * Puts that choose a mode of a restraint. Settings belong to a mode and are
 * taken away with it; the place stays, its route only if the mode has it too.
 */
export function putsForMode(
  c: Case,
  model: RestraintModel,
  modeId: string,
  unit: RestraintUnit | undefined,
): readonly Put[] {
  const mode = model.modes.find((m) => m.id === modeId)
  if (mode === undefined) throw new Error(`${model.id} has no mode "${modeId}"`)
  const { positionId, routeId } = c.choice
  const isSameMode = c.choice.modelId === model.id && c.choice.modeId === modeId
  const keepsRoute = isSameMode && mode.routes.some((r) => r.id === routeId)
  return [
    ...(isSameMode ? [] : clear(c, ['recline', 'legNotch', 'strapHeightMm', 'wedge', 'insertsIn', 'slideMm'])),
    { path: ['restraints'], value: withNewest(c.restraints, model) },
    ...(unit ? [{ path: ['units'], value: withNewest(c.units ?? [], unit) }] : []),
    {
      path: ['choice'],
      value: {
        modelId: model.id,
        modeId,
        ...(unit && { unitId: unit.id }),
        ...(positionId !== undefined && { positionId }),
        ...(keepsRoute && { routeId }),
      },
    },
  ]
}

/** Puts that choose a place and the route to it. The leg's notch belongs to both and is taken away. */
export function putsForPlace(c: Case, positionId: string, routeId: string): readonly Put[] {
  return [
    ...clear(c, ['legNotch', 'frontSeatGapMm', 'vehicleHeadRestraint']),
    { path: ['choice'], value: { ...c.choice, positionId, routeId } },
  ]
}

/** Puts that choose the car; a place of another car means nothing in this one. */
export function putsForVehicle(c: Case, vehicle: Vehicle): readonly Put[] {
  const { positionId: _position, routeId: _route, ...rest } = c.choice
  return [
    ...clear(c, ['legNotch', 'frontSeatGapMm', 'vehicleHeadRestraint']),
    { path: ['choice'], value: rest },
    { path: ['vehicle'], value: vehicle },
  ]
}
