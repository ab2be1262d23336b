import { type Case } from '@nimble-anchor/core/casefile'
import type { FittingRow } from '../storage/entities'
import type { FittingStored } from './stored'

/** Everything by which somebody may look for a fitting. */
export function searchText(
  c: Case,
  row: Pick<FittingRow, 'childName' | 'vehicleName' | 'restraintName' | 'fitter' | 'number'>,
): string {
  const unit = c.units?.find((u) => u.id === c.choice.unitId)
  const position = c.vehicle?.positions.find((p) => p.id === c.choice.positionId)
  return [
    row.number, row.childName, c.child.note, row.vehicleName, c.vehicle?.plate, position?.label, row.restraintName,
    unit?.serial, row.fitter, c.handover?.fitterName, c.handover?.carerName,
    c.handover?.againstAdvice && `left against advice ${c.handover.againstAdvice.reason}`,
  ].filter(Boolean).join(' ') // prettier-ignore
}

/** What the search finds a fitting by; most entries leave it as it was. */
export async function keepSearch({ manager, row, next, before }: FittingStored): Promise<void> {
  const text = searchText(next, row)
  if (text === before?.searchText) return
  if (before) await manager.query(`DELETE FROM "fitting_search" WHERE rowid = ?`, [row.number])
  await manager.query(`INSERT INTO "fitting_search" (rowid, text) VALUES (?, ?)`, [row.number, text])
}
