import { upgradeChanges } from '@nimble-anchor/core/casefile'
import { type FittingView, type Stored } from '@nimble-anchor/core/formats'
import type { EntityManager } from 'typeorm'
import { entriesAfter } from '../storage/statements'

/** Whoever is further behind than this fetches the whole: it is shorter. */
const MOST_ENTRIES = 100

/** The short answer to an entry: what was stored since what its writer had seen, instead of the whole case. */
export async function storedSince(manager: EntityManager, view: FittingView, baseSequence: number): Promise<Stored> {
  const { id, status, sequence, updatedAt } = view
  const rows = await entriesAfter(manager, id, baseSequence, sequence, MOST_ENTRIES)
  const entries = rows.toReversed().map((row) => ({
    sequence: row.sequence,
    id: row.entryId,
    changes: upgradeChanges(row.changes),
  }))
  return { id, status, sequence, updatedAt, entries }
}

/** Whether a request prefers the short answer (RFC 7240). */
export const prefersShort = (prefer: string | undefined): boolean =>
  (prefer ?? '').split(/[,;]/).some((wish) => wish.trim().toLowerCase() === 'return=minimal')
