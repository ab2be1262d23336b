import { toInterval } from '../quantities/index.ts'
import { isDriversPlace, type SeatingPosition, type Vehicle } from './vehicle.ts'

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
    isISize && hasNoBars && ['handbook.iSize', 'marked i-Size, and no ISOFIX bars'],
    handbook?.isofix === 'IUF' && hasNoBars && ['handbook.isofix', 'marked IUF, and no ISOFIX bars'],
    handbook?.isofix === 'IUF' &&
      tether?.where === 'none' && ['tether.where', 'marked IUF, which needs a top tether, and no anchorage'],
    handbook?.isofix === 'X' && isISize && ['handbook.isofix', 'marked X for ISOFIX and i-Size at once'],
    (p.facing === 'sideways' || p.facing === 'rearward') &&
      isISize && ['handbook.iSize', `marked i-Size, and ${p.facing === 'sideways' ? 'side' : 'rearward'}-facing`],
    distance !== undefined &&
      range !== undefined &&
      (distance.hi < range.fullyBackMm || distance.lo > range.fullyForwardMm) && [
        'frontClearanceMm',
        `the seat in front is said to stand where it cannot: its track goes from ${range.fullyBackMm} to ${range.fullyForwardMm} mm`,
      ],
    neighbour && ['lateralCentreMm', `nearer than ${NARROWEST_MM} mm to ${neighbour.label}`],
  ]
  return found.filter((f) => f !== false && f !== undefined)
}

const missingOf = (
  p: SeatingPosition,
  vehicle: Pick<Vehicle, 'positions' | 'driverSide'>,
): readonly (readonly [path: string, message: string])[] =>
  p.row === 1 && !isDriversPlace(vehicle, p) && p.frontAirbag === undefined
    ? [['frontAirbag', 'whether it has a frontal airbag is not known yet']]
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
