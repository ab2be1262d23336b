import { type FittingId } from '@nimble-anchor/core/ground'
import { FaultsException } from '../http/faults'
import type { FittingSummary, VisitState, VisitView } from '@nimble-anchor/core/formats'
import type { EntityManager } from 'typeorm'
import { SUMMARY_COLUMNS, toSummary } from '../fittings/fitting-views'
import { ChildRow, FittingRow, VehicleRow } from '../storage/entities'

/** What is entered of a visit. */
export interface VisitEntry {
  readonly day: string
  readonly time: string
  readonly who: string
  readonly note: string
  readonly isWalkIn: boolean
  readonly state: VisitState
  readonly childId: string | null
  readonly vehicleId: string | null
  readonly fittingId: FittingId | null
}

/** The queue of a day, as it comes; or one visit of it. */
export async function visitsOf(manager: EntityManager, day: string, id?: string): Promise<readonly VisitView[]> {
  const columns = SUMMARY_COLUMNS.map((c) => `f."${c}" AS "f_${c}"`).join(', ')
  const rows = (await manager.query(
    `SELECT v.*, c."familyId", ${columns} FROM "visit" v LEFT JOIN "child" c ON c."id" = v."childId" LEFT JOIN "fitting" f ON f."id" = v."fittingId" WHERE v."day" = ? AND (? IS NULL OR v."id" = ?) ORDER BY v."time", v."id"`,
    [day, id ?? null, id ?? null],
  )) as Record<string, unknown>[]
  return rows.map((r): VisitView => {
    const fitting = Object.fromEntries(SUMMARY_COLUMNS.map((c) => [c, r[`f_${c}`]])) as unknown as FittingSummary
    const { id, time, who, note, state, familyId, childId, vehicleId } = r as unknown as VisitView
    return { id, day, time, who, note, isWalkIn: r.isWalkIn === 1, state, familyId, childId, vehicleId, fitting: r.f_id === null ? null : toSummary(fitting) } // prettier-ignore
  })
}

/** @throws FaultsException naming the field that names nothing */
export async function refuseUnknown(manager: EntityManager, v: VisitEntry): Promise<void> {
  const known = [
    ['childId', v.childId, ChildRow],
    ['vehicleId', v.vehicleId, VehicleRow],
    ['fittingId', v.fittingId, FittingRow],
  ] as const
  for (const [field, id, target] of known) {
    if (id !== null && (await manager.countBy(target, { id })) === 0)
      throw new FaultsException('Nothing was saved.', [{ path: `$.${field}`, message: 'is not known' }])
  }
}
