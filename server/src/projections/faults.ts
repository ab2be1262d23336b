import { type FittingId } from '@nimble-anchor/core/ground'
import { type Changed } from '@nimble-anchor/core/casefile'
import type { EntityManager } from 'typeorm'
import type { FittingStored } from './stored'

/** Stages at which a failure is a failed check, not a choice that was refused. */
const CHECKED_STAGES: ReadonlySet<string> = new Set(['set-up', 'attach', 'child-in'])

/** The checks of an entry that nobody had looked at before. */
const firstLooks = (changes: readonly Changed[]): ReadonlySet<string> =>
  new Set(
    changes.filter((c) => c.path[0] === 'readings' && c.from === null && c.to !== null).map((c) => c.path[1] ?? ''),
  )

/**
 * Notes each rule that refuses the fitting now, once; what was wrong at the first look is marked so. A slip that is
 * taken back was no fault of the fitting: what its entry found wrong is forgotten.
 */
export async function keepFaults({ manager, row, entry, refusals }: FittingStored): Promise<void> {
  if (entry === undefined) return
  if (entry.takesBack !== undefined) return dropFaultsOf(manager, row.id, entry.takesBack.enteredAt)
  const looked = firstLooks(entry.changes)
  for (const f of refusals) {
    if (f.severity === 'advise' || !CHECKED_STAGES.has(f.stage)) continue
    const onArrival = row.arrivedInstalled && (f.checks ?? []).some((id) => looked.has(id))
    await manager.query(`INSERT OR IGNORE INTO "fitting_fault" VALUES (?, ?, ?, ?)`, [row.id, f.ruleId, row.updatedAt, onArrival ? 1 : 0]) // prettier-ignore
  }
}

async function dropFaultsOf(manager: EntityManager, fittingId: FittingId, enteredAt: string): Promise<void> {
  await manager.query(`DELETE FROM "fitting_fault" WHERE "fittingId" = ? AND "at" = ?`, [fittingId, enteredAt])
}
