import { statfsSync } from 'node:fs'
import { join } from 'node:path'
import SQLite from 'better-sqlite3'
import { copiesIn } from './copy-names'
import { databaseFile } from './opening'
import { CannotOpen } from './store-faults'

const MB = 1_000_000
/** Our own figures: below the first hardly an entry is kept any more, below the second it will soon be so. */
const FULL_BYTES = 5 * MB
const SCARCE_BYTES = 300 * MB
/** Clocks of two machines differ a little. */
const AHEAD_MS = 10 * 60_000

const DAMAGED = new Set(['SQLITE_CORRUPT', 'SQLITE_NOTADB'])

/** What the disk has left, in bytes. */
function freeBytes(dataDir: string): number {
  const { bavail, bsize } = statfsSync(dataDir)
  return bavail * bsize
}

/**
 * Looks at the place and at the database before anything is written.
 *
 * @returns what is to be said to whoever starts it
 * @throws CannotOpen of a damaged file
 */
export function startChecks(dataDir: string, nowMs: number, free = freeBytes(dataDir)): readonly string[] {
  const said: string[] = []
  const left = `${Math.floor(free / MB)} MB are free where the data lie (${dataDir}).`
  // What is there can still be read, and an entry that cannot be kept is refused, not lost.
  if (free < FULL_BYTES) said.push(`Only ${left} Nothing more can be kept: make room now.`)
  else if (free < SCARCE_BYTES) said.push(`Only ${left} Make room soon.`)
  const newest = newestEntry(dataDir)
  if (newest !== undefined && Date.parse(newest) > nowMs + AHEAD_MS)
    said.push(
      `The clock of this machine says ${new Date(nowMs).toISOString()}, and the newest entry is of ${newest}: one of them stood wrong. ` +
        'Set the clock right before anything is entered; nothing is lost by it.',
    )
  return said
}

/** The newest moment in the database; nothing, of one that is empty. */
function newestEntry(dataDir: string): string | undefined {
  let db: SQLite | undefined
  try {
    db = new SQLite(databaseFile(dataDir), { timeout: 5000 })
    const found = db.pragma('quick_check(1)', { simple: true })
    if (found !== 'ok') throw new CannotOpen(damaged(dataDir, String(found)))
    const isThere = db.prepare(`SELECT count(*) FROM sqlite_master WHERE name = 'fitting'`).pluck().get() === 1
    if (!isThere) return undefined
    return (db.prepare('SELECT max("updatedAt") FROM "fitting"').pluck().get() as string | null) ?? undefined
  } catch (error) {
    if (DAMAGED.has(String((error as { code?: unknown }).code))) throw new CannotOpen(damaged(dataDir, String((error as Error).message))) // prettier-ignore
    throw error
  } finally {
    db?.close()
  }
}

function damaged(dataDir: string, what: string): string {
  const folder = join(dataDir, 'copies')
  const [newest] = copiesIn(folder)
  const way =
    newest === undefined
      ? 'There is no copy in its folder: keep the file as it is, and ask somebody who knows SQLite.'
      : `Its newest copy is ${join(folder, newest)}: npm run restore -- ${join(folder, newest)} --data ${dataDir}`
  return `The data in ${dataDir} are damaged (${what.split('\n')[0]}). Nothing was changed. ${way}`
}
