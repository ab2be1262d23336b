import { upgradeChanges, type Changed } from '@nimble-anchor/core/casefile'
import { type FittingView, type Stored } from '@nimble-anchor/core/formats'
import { And, LessThanOrEqual, MoreThan, type EntityManager } from 'typeorm'
import { EntryRow } from '../storage/entities'

/** Whoever is further behind than this fetches the whole: it is shorter. */
const MOST_ENTRIES = 100

/** The short answer to an entry: what was stored since what its writer had seen, instead of the whole case. */
export async function storedSince(manager: EntityManager, view: FittingView, baseSequence: number): Promise<Stored> {
  const { id, status, sequence, updatedAt } = view
  const rows = await manager.find(EntryRow, {
    where: { fittingId: id, sequence: And(MoreThan(baseSequence), LessThanOrEqual(sequence)) },
    order: { sequence: 'DESC' },
    take: MOST_ENTRIES,
  })
  const entries = rows.toReversed().map((row) => ({
    sequence: row.sequence,
    id: row.entryId,
    changes: upgradeChanges(row.changes as Changed[]),
  }))
  return { id, status, sequence, updatedAt, entries }
}

/** Whether a request prefers the short answer (RFC 7240). */
export const prefersShort = (prefer: string | undefined): boolean =>
  (prefer ?? '').split(/[,;]/).some((wish) => wish.trim().toLowerCase() === 'return=minimal')
