import { FittingId } from '@nimble-anchor/core/ground'
import { v4 as newId } from 'uuid'
import type { Put } from '@nimble-anchor/core/casefile'
import { Dexie, type EntityTable } from 'dexie'

/** An entry kept on this device until the server has acknowledged it. */
export interface Waiting {
  /** Its own id, also on the server: sent again after a lost answer it is stored once. */
  readonly id: string
  readonly fittingId: FittingId
  readonly who: string
  /** Who was signed in when it was made: nobody else sends it. */
  readonly personId?: string
  readonly puts: readonly Put[]
  /** Number of the newest entry that the writer had seen. */
  readonly base: number
  /** Ids of entries of this device that came after `base`: the writer knew of them too. */
  readonly own: readonly string[]
  /** Why the server will not take it; said when its fitting is opened, and then let go. */
  readonly refused?: string
}
/** With its place in the order in which the entries were made, across all tabs of this browser. */
type Kept = Waiting & { readonly place?: number }

/** What is typed into a field and not yet an entry. */
export interface Draft {
  readonly key: string
  readonly fittingId: FittingId
  readonly text: string
}

type Store = Dexie & { waiting: EntityTable<Kept, 'place'>; drafts: EntityTable<Draft, 'key'> }

const db = new Dexie('nimble-anchor.waiting') as Store
db.version(1).stores({ waiting: '++place, fittingId, &id', drafts: 'key, fittingId' })

const OLD_KEY = 'nimble-anchor.waiting.'
/**
 * Entries that an earlier version kept elsewhere. What their writer had seen was
 * not kept with them: they are taken as made before everything, so that nothing
 * of anybody else's is overwritten unseen.
 */
export async function takeOldEntries(): Promise<void> {
  for (const key of Object.keys(localStorage).filter((k) => k.startsWith(OLD_KEY))) {
    const fittingId = FittingId(key.slice(OLD_KEY.length))
    const old = readOld(localStorage.getItem(key))
    await db.waiting.bulkAdd(old.map((e) => ({ id: newId(), fittingId, base: 0, own: [], ...e })))
    localStorage.removeItem(key)
  }
}
function readOld(text: string | null): readonly Pick<Waiting, 'who' | 'puts'>[] {
  try {
    const stored: unknown = JSON.parse(text ?? '[]')
    return Array.isArray(stored) ? (stored as Pick<Waiting, 'who' | 'puts'>[]) : []
  } catch {
    return []
  }
}

/** The queue of one fitting, the oldest first. */
export const waitingOf = async (fittingId: FittingId): Promise<readonly Waiting[]> =>
  (await db.waiting.where('fittingId').equals(fittingId).sortBy('place')).map(({ place: _place, ...entry }) => entry)

/**
 * Keeps an entry behind those that wait. Its `own` are the entries ahead of it
 * that its writer saw waiting: those that still wait will be named when they are
 * acknowledged, the others have been while this one was on its way here.
 */
export async function keepWaiting(entry: Waiting): Promise<void> {
  await db.transaction('rw', db.waiting, async () => {
    const ahead = new Set((await db.waiting.where('fittingId').equals(entry.fittingId).toArray()).map((e) => e.id))
    await db.waiting.add({ ...entry, own: entry.own.filter((id) => !ahead.has(id)) })
  })
}
export async function dropWaiting(id: string): Promise<void> {
  await db.waiting.where('id').equals(id).delete()
}
export async function changeWaiting(id: string, over: Partial<Waiting>): Promise<void> {
  await db.waiting.where('id').equals(id).modify(over)
}

/**
 * Takes an acknowledged entry out of its queue, stored as the `sequence`-th of
 * its fitting. Those behind it knew of it: where nobody else came between, they
 * stand on it from now on, otherwise they name it as known.
 */
export async function acknowledge({ id, fittingId }: Waiting, sequence: number): Promise<void> {
  await db.transaction('rw', db.waiting, async () => {
    await db.waiting.where('id').equals(id).delete()
    await db.waiting
      .where('fittingId')
      .equals(fittingId)
      .modify((entry) => {
        const stands = entry.base === sequence - 1
        Object.assign(entry, stands ? { base: sequence } : { own: [...entry.own, id] })
      })
  })
}

/** Fittings for which something waits on this device, with how many entries. */
export async function waitingCounts(): Promise<ReadonlyMap<string, number>> {
  const counts = new Map<string, number>()
  for (const { fittingId } of await db.waiting.toArray()) counts.set(fittingId, (counts.get(fittingId) ?? 0) + 1)
  return counts
}

export const draftsOf = (fittingId: FittingId): Promise<readonly Draft[]> =>
  db.drafts.where('fittingId').equals(fittingId).toArray()
export async function keepDraft(draft: Draft): Promise<void> {
  await db.drafts.put(draft)
}
export async function forgetDrafts(fittingId: FittingId): Promise<void> {
  await db.drafts.where('fittingId').equals(fittingId).delete()
}
export async function dropDraft(key: string): Promise<void> {
  await db.drafts.delete(key)
}

/** Drops everything that this device keeps of fittings that are gone. */
export async function forgetWaiting(fittingIds: readonly string[]): Promise<void> {
  await db.waiting
    .where('fittingId')
    .anyOf([...fittingIds])
    .delete()
  await db.drafts
    .where('fittingId')
    .anyOf([...fittingIds])
    .delete()
}
/** Every fitting of which this device keeps something. */
export async function keptFittings(): Promise<readonly string[]> {
  const [waiting, drafts] = await Promise.all([db.waiting.toArray(), db.drafts.toArray()])
  return [...new Set([...waiting, ...drafts].map((x) => x.fittingId))]
}
