import { toInterval } from '../quantities/index.ts'
import { isDriversPlace, type SeatingPosition, type Vehicle } from './vehicle.ts'
import * as msg from './messages.en.ts'

/** One place where a car's entry contradicts itself, or leaves open what every fitting there will ask for: the handbook must be read again. */
export interface VehicleLint {
  readonly positionId: string
  /** JSON path inside the vehicle. */
  readonly path: string
  readonly message: string
  /** Nothing contradicts: it is only not known yet. */
  readonly isMissing: boolean
}

/** Two places of a row nearer than this cannot both be sat on. */
const NARROWEST_MM = 250

function lintPosition(
  p: SeatingPosition,
  vehicle: Pick<Vehicle, 'positions' | 'driverSide'>,
): readonly (readonly [path: string, message: string])[] {
  const { handbook, isofix, tether } = p
  const isISize = handbook?.iSize === 'i-U' || handbook?.iSize === 'i-UF'
  const distance = toInterval(p.frontClearanceMm)
  const range = p.frontSeatRangeMm
  const hasNoBars = isofix?.bars === 'none'
  const neighbour = vehicle.positions.find(
    (o) =>
      o.id < p.id &&
      o.row === p.row &&
      o.lateralCentreMm !== undefined &&
      p.lateralCentreMm !== undefined &&
      Math.abs(o.lateralCentreMm - p.lateralCentreMm) < NARROWEST_MM,
  )
  const found: readonly (readonly [string, string] | false | undefined)[] = [
    isISize && hasNoBars && ['handbook.iSize', msg.markedISizeAndNo],
    handbook?.isofix === 'IUF' && hasNoBars && ['handbook.isofix', msg.markedIufAndNoIsofix],
    handbook?.isofix === 'IUF' && tether?.where === 'none' && ['tether.where', msg.markedIufWhichNeedsA],
    handbook?.isofix === 'X' && isISize && ['handbook.isofix', msg.markedXForIsofixAnd],
    (p.facing === 'sideways' || p.facing === 'rearward') &&
      isISize && ['handbook.iSize', msg.markedISizeAndFacing(p.facing === 'sideways' ? msg.side : msg.rearward)],
    distance !== undefined &&
      range !== undefined &&
      (distance.hi < range.fullyBackMm || distance.lo > range.fullyForwardMm) && [
        'frontClearanceMm',
        msg.theSeatInFrontIs(range.fullyBackMm, range.fullyForwardMm),
      ],
    neighbour && ['lateralCentreMm', msg.nearerThanMmTo(NARROWEST_MM, neighbour.label)],
  ]
  return found.filter((f) => f !== false && f !== undefined)
}

const missingOf = (
  p: SeatingPosition,
  vehicle: Pick<Vehicle, 'positions' | 'driverSide'>,
): readonly (readonly [path: string, message: string])[] =>
  p.row === 1 && !isDriversPlace(vehicle, p) && p.frontAirbag === undefined
    ? [['frontAirbag', msg.whetherItHasAFrontal]]
    : []

/** Everything in a car's entry that contradicts itself, and what it leaves open that is always asked. */
export const lintVehicle = (vehicle: Pick<Vehicle, 'positions' | 'driverSide'>): readonly VehicleLint[] =>
  vehicle.positions.flatMap((p, i) => {
    const found =
      (isMissing: boolean) =>
      ([path, message]: readonly [string, string]): VehicleLint => ({
        positionId: p.id,
        path: `positions[${i}].${path}`,
        message: `${p.label}: ${message}`,
        isMissing,
      })
    return [...lintPosition(p, vehicle).map(found(false)), ...missingOf(p, vehicle).map(found(true))]
  })
