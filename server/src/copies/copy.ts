import { chmodSync, closeSync, mkdirSync, openSync, readdirSync, readSync, renameSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'
import SQLite from 'better-sqlite3'
import { databaseFile } from '../storage/opening'
import { copiedAt, copiesIn } from '../storage/copy-names'
import { addErased, readErased } from '../storage/erased-list'
import { seal } from './sealed'

/** No copy holds longer what was erased since. */
export const MOST_DAYS = 30
const DAY_MS = 24 * 60 * 60_000

export interface Copied {
  readonly file: string
  readonly bytes: number
  readonly fittings: number
  /** Older copies that were taken away. */
  readonly removed: number
}

/**
 * Copies a database that may be in use, page by page (SQLite's own way), then
 * opens the copy and reads all of it. One that does not check out is not kept.
 *
 * @param keepDays older copies go, once this one is there
 * @throws where the copy is not whole
 */
export async function makeCopy(
  dataDir: string,
  to: string,
  {
    now,
    keepDays,
    passphrase,
  }: { readonly now: Date; readonly keepDays: number; readonly passphrase?: string | undefined },
): Promise<Copied> {
  mkdirSync(to, { recursive: true, mode: 0o700 })
  const stamp = now.toISOString().slice(0, 19).replaceAll(':', '')
  const name = `nimble-anchor-${stamp}Z.sqlite`
  const part = join(to, `${name}.part`)
  const source = new SQLite(databaseFile(dataDir), { readonly: true, fileMustExist: true, timeout: 5000 })
  let fittings: number
  try {
    await source.backup(part)
    chmodSync(part, 0o600)
    fittings = checked(part)
  } catch (error) {
    rmSync(part, { force: true })
    throw error
  } finally {
    source.close()
  }
  addErased(to, readErased(dataDir))
  const file = join(to, passphrase === undefined ? name : `${name}.sealed`)
  if (passphrase === undefined) renameSync(part, file)
  else {
    await seal(part, `${part}.sealed`, passphrase)
    rmSync(part)
    renameSync(`${part}.sealed`, file)
  }
  const removed = prune(to, now, Math.min(keepDays, MOST_DAYS))
  return { file, bytes: statSync(file).size, fittings, removed }
}

/**
 * Reads a whole database: its pages, its references, what it holds.
 * @returns how many fittings are in it
 * @throws where anything of it is damaged
 */
export function checked(file: string): number {
  refuseCut(file)
  const db = new SQLite(file, { fileMustExist: true })
  try {
    // One file, without a log beside it.
    db.pragma('journal_mode=DELETE')
    const found = db.pragma('integrity_check', { simple: true })
    if (found !== 'ok') throw new Error(`The copy is damaged: ${String(found).slice(0, 200)}`)
    const loose = db.pragma('foreign_key_check') as readonly unknown[]
    if (loose.length > 0) throw new Error(`The copy is damaged: ${loose.length} rows belong to nothing.`)
    return db.prepare('SELECT count(*) FROM "fitting"').pluck().get() as number
  } finally {
    db.close()
  }
}

/** As long as its own head says: SQLite itself takes a file that was cut short for a smaller one. */
function refuseCut(file: string): void {
  const head = Buffer.alloc(100)
  const fd = openSync(file, 'r')
  try {
    if (readSync(fd, head, 0, head.length, 0) < head.length) throw new Error('The copy is cut short.')
  } finally {
    closeSync(fd)
  }
  const pageBytes = head.readUInt16BE(16) === 1 ? 65_536 : head.readUInt16BE(16)
  if (statSync(file).size !== pageBytes * head.readUInt32BE(28)) throw new Error('The copy is cut short.')
}

const SET_ASIDE = /^before-restore-(\d{4}-\d{2}-\d{2})T/

/** What a restore has set aside is a copy too, and is kept no longer. */
export function pruneSetAside(dataDir: string, now: Date): void {
  for (const name of readdirSync(dataDir)) {
    const day = SET_ASIDE.exec(name)?.[1]
    if (day !== undefined && now.getTime() - Date.parse(day) > MOST_DAYS * DAY_MS) rmSync(join(dataDir, name))
  }
}

function prune(folder: string, now: Date, keepDays: number): number {
  const old = copiesIn(folder).filter((n) => now.getTime() - (copiedAt(n) ?? 0) > keepDays * DAY_MS)
  for (const name of old) rmSync(join(folder, name))
  return old.length
}
