import { type FittingId, type Sequence } from '@nimble-anchor/core/ground'
import type { Changed } from '@nimble-anchor/core/casefile'
import type { EntityManager } from 'typeorm'
import { FittingRow, type EntryRow } from './entities'
import { CASES } from './same-text'

/**
 * The statements of every entry, by hand: the ORM writes numbers into its own, so
 * that each would be a new one to prepare. These are prepared once.
 */

/** A fitting as it stands, without the case that it began with. */
export async function readFitting(manager: EntityManager, id: FittingId): Promise<FittingRow | undefined> {
  const columns = manager.connection.getMetadata(FittingRow).columns.filter((c) => c.isSelect)
  const names = columns.map((c) => `"${c.databaseName}"`).join(', ')
  const [row] = (await manager.query(`SELECT ${names} FROM "fitting" WHERE "id" = ?`, [id])) as (FittingRow & {
    readonly current: string
  })[]
  // SQLite has no booleans.
  return (
    row && {
      ...row,
      arrivedInstalled: Boolean(row.arrivedInstalled),
      elsewhere: Boolean(row.elsewhere),
      current: CASES.from(row.current),
    }
  )
}

/** The ride that a fitting is of, where it is of one: asked of every entry, and most are of none. */
export async function rideIdOf(manager: EntityManager, fittingId: FittingId): Promise<string | undefined> {
  const [bound] = (await manager.query(`SELECT "rideId" FROM "ride_fitting" WHERE "fittingId" = ?`, [fittingId])) as {
    readonly rideId: string
  }[]
  return bound?.rideId
}

/** Whether an entry of this id is stored already. */
export async function isEntered(manager: EntityManager, fittingId: FittingId, entryId: string): Promise<boolean> {
  const sql = `SELECT 1 FROM "fitting_entry" WHERE "fittingId" = ? AND "entryId" = ?`
  return ((await manager.query(sql, [fittingId, entryId])) as readonly unknown[]).length > 0
}

/** Columns of a fitting that an entry changes; names of columns only, never of a request. */
export async function updateFitting(manager: EntityManager, id: FittingId, change: Partial<FittingRow>): Promise<void> {
  const columns = Object.keys(change).map((column) => `"${column}" = ?`)
  const values = Object.entries(change).map(([column, value]) => (column === 'current' ? CASES.to(value) : value))
  await manager.query(`UPDATE "fitting" SET ${columns.join(', ')} WHERE "id" = ?`, [...values, id])
}

export async function insertEntry(
  manager: EntityManager,
  entry: Omit<EntryRow, 'fitting' | 'changes'> & { readonly changes: readonly Changed[] },
): Promise<void> {
  await manager.query(
    `INSERT INTO "fitting_entry" ("fittingId", "sequence", "at", "who", "changes", "undoes", "decidedBy", "entryId", "personId") VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    [entry.fittingId, entry.sequence, entry.enteredAt, entry.who, JSON.stringify(entry.changes), entry.undoes, entry.decidedBy, entry.entryId, entry.personId], // prettier-ignore
  )
}

/** The newest entries of a fitting after one and up to another, the newest first. */
export async function entriesAfter(
  manager: EntityManager,
  fittingId: FittingId,
  after: number,
  upTo: number,
  most: number,
): Promise<readonly (Pick<EntryRow, 'sequence' | 'entryId'> & { readonly changes: readonly Changed[] })[]> {
  const rows = (await manager.query(
    `SELECT "sequence", "entryId", "changes" FROM "fitting_entry" WHERE "fittingId" = ? AND "sequence" > ? AND "sequence" <= ? ORDER BY "sequence" DESC LIMIT ?`,
    [fittingId, after, upTo, most],
  )) as { readonly sequence: Sequence; readonly entryId: string | null; readonly changes: string }[]
  return rows.map((row) => ({ ...row, changes: JSON.parse(row.changes) as Changed[] }))
}
