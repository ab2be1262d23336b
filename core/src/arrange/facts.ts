import { type ModelId, type UnitId, type VehicleId } from '../ground/index.ts'
import type { Need } from '../rules/index.ts'

/** What only an arrangement asks for, beside what rules ask for. */
export const ARRANGE_NEEDS = [
  'position.lateralCentreMm',
  'position.frontSeatRangeMm',
  'position.reachedPast',
  'position.sharedWith',
  'position.doorSide',
  'mode.halfWidths',
  'mode.widthSettings',
  'child.shoulderBreadthMm',
  'loading.past',
] as const
export type ArrangeNeed = Need | (typeof ARRANGE_NEEDS)[number]

/** A fact still to be measured or read, with what it is a fact of. */
export interface Fact {
  /** The same fact asked for twice is one. */
  readonly key: string
  readonly need: ArrangeNeed
  readonly childId?: string | undefined
  readonly vehicleId?: VehicleId | undefined
  readonly positionId?: string | undefined
  readonly modelId?: ModelId | undefined
  readonly modeId?: string | undefined
  readonly routeId?: string | undefined
  readonly unitId?: UnitId | undefined
}

export interface FactOf {
  readonly childId: string
  /** Left out of what is true of a child or a mode wherever it rides. */
  readonly vehicleId?: VehicleId | undefined
  readonly positionId?: string | undefined
  readonly modelId?: ModelId | undefined
  readonly modeId?: string | undefined
  readonly routeId?: string | undefined
  readonly unitId?: UnitId | undefined
}

/** What may be asked once for several riders: the label of a mode, a word of the law. */
export const isShared = ({ need }: Fact): boolean =>
  need.startsWith('mode.') || need.startsWith('route.') || need === 'localRule.r44Use' || need === 'journeyMinutes'

/** A need of a rule, said to be of this child, place, mode or unit. */
export function factOf(need: ArrangeNeed, of: FactOf): Fact {
  const subject = need.slice(0, need.indexOf('.'))
  const { childId, vehicleId, positionId, modelId, modeId, routeId, unitId } = of
  const about: Omit<Fact, 'key' | 'need'> =
    subject === 'child'
      ? { childId }
      : subject === 'position'
        ? { vehicleId, positionId }
        : subject === 'mode'
          ? { modelId, modeId }
          : subject === 'route'
            ? { modelId, modeId, routeId }
            : subject === 'unit'
              ? { childId, modelId, unitId }
              : need === 'localRule.r44Use' || need === 'journeyMinutes'
                ? {}
                : { childId, vehicleId, positionId }
  return { key: [need, ...Object.values(about)].join(' '), need, ...about }
}
