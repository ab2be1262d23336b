import { type Sequence } from '@nimble-anchor/core/ground'
import { ConflictException } from '@nestjs/common'
import { collisionOf, collisionText, upgradeChanges, type Case, type Changed } from '@nimble-anchor/core/casefile'
import { MoreThan, type EntityManager } from 'typeorm'
import { FaultsException } from '../http/faults'
import { EntryRow, type FittingRow } from '../storage/entities'
import type { EntryDto } from './dto'
import { toView } from './fitting-views'

/** A 409 that shows what stands there now. */
export const conflict = (row: FittingRow, message: string): ConflictException =>
  new ConflictException({ statusCode: 409, message, current: toView(row) })

/**
 * Refuses an entry made on an older state than what stands, where others have
 * since written the same field or outdated the look. Two people may otherwise
 * work on one fitting. Entries that the same device had waiting behind one
 * another are no strangers to it: it names them.
 */
export async function refuseCollision(manager: EntityManager, row: FittingRow, entry: EntryDto): Promise<void> {
  if (entry.baseSequence === row.sequence) return
  if (entry.baseSequence > row.sequence) {
    throw new FaultsException('Nothing was saved.', [
      { path: '$.baseSequence', message: `must be at most ${row.sequence}` },
    ])
  }
  const later = await manager.find(EntryRow, {
    where: { fittingId: row.id, sequence: MoreThan(entry.baseSequence) },
    order: { sequence: 'ASC' },
  })
  const own = new Set(entry.own ?? [])
  const since = later.filter((e) => e.entryId === null || !own.has(e.entryId))
  if (since.length === 0) return
  const strangers = since.map((e) => ({ sequence: e.sequence, changes: upgradeChanges(e.changes as Changed[]) }))
  const collision = collisionOf(row.current as Case, entry.puts, entry.baseSequence, strangers)
  if (collision)
    throw conflict(row, `${collisionText(collision, (since.at(-1) as EntryRow).who)} Nothing of yours was saved yet.`)
}

/** Undo and signature wait for whoever has not seen what was stored since. @throws 409 that says whose it was */
export async function refuseUnseenEntries(
  manager: EntityManager,
  row: FittingRow,
  asked: { readonly baseSequence: Sequence; readonly who: string },
  before: 'undo' | 'sign',
): Promise<void> {
  if (asked.baseSequence !== row.sequence) throw conflict(row, await madeSince(manager, row, asked, before))
}

/**
 * What was stored since, and whose it was. An entry
 * of the asker's own comes from a job on the unit or from another device.
 */
async function madeSince(
  manager: EntityManager,
  row: FittingRow,
  asked: { readonly baseSequence: Sequence; readonly who: string },
  before: 'undo' | 'sign',
): Promise<string> {
  const later = await manager.find(EntryRow, { where: { fittingId: row.id, sequence: MoreThan(asked.baseSequence) } })
  const others = [...new Set(later.map((e) => e.who).filter((who) => who !== asked.who))]
  if (later.length === 0)
    return `Nothing is stored under the number that was sent; open the fitting again before you ${before}.`
  return others.length === 0
    ? `An entry of your own was stored meanwhile, by a job or another device; look before you ${before}.`
    : `${others.join(' and ')} made an entry meanwhile; look before you ${before}.`
}
