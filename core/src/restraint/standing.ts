import { type IsoDate } from '../ground/index.ts'
import { addMonths } from '../quantities/index.ts'
import type {
  Direction,
  DirectionChange,
  Mode,
  ModePart,
  RestraintModel,
  RestraintUnit,
  Route,
  RoutePart,
} from './restraint.ts'

/** The day the maker's stated life ends: written on the unit, or made + life. */
export function lifeEnd({
  unit,
  model,
}: {
  readonly unit?: RestraintUnit | undefined
  readonly model: RestraintModel
}): IsoDate | undefined {
  if (unit?.lifeEndsOn !== undefined) return unit.lifeEndsOn
  if (unit?.madeOn === undefined || model.lifeYears === undefined) return undefined
  return addMonths(unit.madeOn, Math.round(model.lifeYears * 12))
}

export const modelName = (m: RestraintModel): string => `${m.maker} ${m.name}`
export const isIntegral = (mode: Mode): boolean => mode.heldBy !== 'vehicle-belt'
/** Whether a unit is the base of a model in two units. */
export const isBaseUnit = (model: RestraintModel, unit: RestraintUnit | undefined): boolean => {
  const part = model.parts?.find((p) => p.id === unit?.partId)
  return part !== undefined && (part.isBase ?? part.id === 'base')
}
/** Whether a model can be used both with its own harness and without: then each unit stands in one of the two. */
export const isConvertible = (model: RestraintModel): boolean =>
  model.modes.some(isIntegral) && model.modes.some((m) => !isIntegral(m))
/** Whether the manual says that a route is without a part; not said is not known. */
export const isRouteWithout = (route: Route, part: RoutePart): boolean => route.without?.includes(part) ?? false
export const isModeWithout = (mode: Mode, part: ModePart): boolean => mode.without?.includes(part) ?? false
/** Whether it takes two places; one that lies across does, where nobody has said otherwise. */
export const liesAcross = (mode: Mode, route: Route): boolean =>
  route.seatsTaken === 2 || (mode.direction === 'lateral' && route.seatsTaken === undefined)
export const isIsofixHeld = (route: Route): boolean => route.isofix?.role === 'holds'

/**
 * How the direction of a model is changed: as the entry states it, or as its
 * modes tell; `undefined` where it has one direction only. Boosters are not asked
 * whether they turn: the other modes of the model say it.
 */
export function directionChangeOf(model: RestraintModel): DirectionChange | 'unknown' | undefined {
  if (new Set(model.modes.map((m) => m.direction)).size === 1) return undefined
  if (model.directionChange !== undefined) return model.directionChange
  if (model.modes.some((m) => m.turns !== undefined)) return 'turns-on-base'
  const shells = model.modes.filter((m) => isIntegral(m) && m.shape !== 'lie-flat')
  return shells.every((m) => isModeWithout(m, 'turns')) ? 're-installed' : 'unknown'
}
/**
 * Whether a unit of the model stands in one direction until a job changes it.
 * A shell that turns on its base is set round in each fitting; of one that must
 * be lifted off or fitted anew, the direction is a fact of the unit.
 */
export function keepsDirection(model: RestraintModel): 'yes' | 'no' | 'unknown' {
  const change = directionChangeOf(model)
  return change === undefined || change === 'turns-on-base' ? 'no' : change === 'unknown' ? 'unknown' : 'yes'
}
/** The directions that a model's modes face, as they are listed. */
export const directionsOf = (model: RestraintModel): readonly Direction[] => [
  ...new Set(model.modes.map((m) => m.direction)),
]

/** How a unit must stand for a mode, as far as that is a fact of the unit. */
export const stanceFor = (model: RestraintModel, mode: Mode): Pick<RestraintUnit, 'harness' | 'direction'> => ({
  ...(isConvertible(model) && { harness: isIntegral(mode) ? 'in' : 'stowed' }),
  ...(keepsDirection(model) === 'yes' && { direction: mode.direction }),
})
/** The unit as it would stand once it is converted to a mode; itself, where it stands so. */
export function asConverted(model: RestraintModel, mode: Mode, unit: RestraintUnit): RestraintUnit {
  const { harness = unit.harness, direction = unit.direction } = stanceFor(model, mode)
  return harness === unit.harness && direction === unit.direction
    ? unit
    : { ...unit, ...(harness && { harness }), ...(direction && { direction }) }
}
/** The mode that a unit stands in today, other than the one it is to become; `undefined` where none is as it stands. */
export const modeStoodIn = (model: RestraintModel, unit: RestraintUnit, to: Mode): Mode | undefined =>
  model.modes.find((m) => m.id !== to.id && asConverted(model, m, unit) === unit)
