import { type FittingId } from '@nimble-anchor/core/ground'
import { type AheadItem } from '@nimble-anchor/core/ahead'
import type { EntityManager } from 'typeorm'
import type { FittingStored } from './stored'

/** What is due after a fitting: as it was worked out before, or to be worked out when somebody first asks. */
export async function keepDue({ manager, row, due }: FittingStored): Promise<void> {
  if (due === 'asked') await manager.query(`INSERT OR IGNORE INTO "due_waiting" VALUES (?)`, [row.id])
  else if (due !== undefined) await storeDue(manager, row.id, due)
}

/** Nobody waits in the transaction for a forecast. */
export async function storeDue(
  manager: EntityManager,
  fittingId: FittingId,
  items: readonly AheadItem[],
): Promise<void> {
  await manager.query(`DELETE FROM "due" WHERE "fittingId" = ?`, [fittingId])
  await manager.query(`DELETE FROM "due_waiting" WHERE "fittingId" = ?`, [fittingId])
  for (const item of items) {
    await manager.query(`INSERT INTO "due" VALUES (?, ?, ?, ?)`, [fittingId, item.id, item.early, JSON.stringify(item)])
  }
}
