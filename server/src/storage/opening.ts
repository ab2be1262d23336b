import { chmodSync, closeSync, existsSync, mkdirSync, openSync } from 'node:fs'
import { join } from 'node:path'
import SQLite from 'better-sqlite3'
import { DataSource } from 'typeorm'
import { ENTITIES } from './entities'
import { MIGRATIONS } from './migrations/index'
import { CannotOpen } from './store-faults'

/**
 * Moving the log into the file stops everybody for as long as the disk takes:
 * it is done when nobody has written for a moment, and only at this many pages
 * (of 4 kB) in the midst of work.
 */
const CHECKPOINT_PAGES = 10_000

const OWNER_ONLY = 0o600

export const databaseFile = (dataDir: string): string => join(dataDir, 'nimble-anchor.sqlite')

function source(file: string, isReadonly: boolean): DataSource {
  return new DataSource({
    type: 'better-sqlite3',
    database: file,
    readonly: isReadonly,
    entities: ENTITIES,
    migrations: isReadonly ? [] : MIGRATIONS,
    synchronize: false,
    prepareDatabase: (db: SQLite) => {
      if (!isReadonly) {
        db.pragma('journal_mode=WAL')
        db.pragma(`wal_autocheckpoint=${CHECKPOINT_PAGES}`)
        // What is deleted is written over: it names children.
        db.pragma('secure_delete=ON')
      }
      // FULL: an acknowledged write must survive a killed process and a power cut.
      db.pragma('synchronous=FULL')
      db.pragma('foreign_keys=ON')
      db.pragma('busy_timeout=5000')
    },
  })
}

/** @param file another than the folder's own: a copy that is being brought back */
export const openWriter = (dataDir: string, file = databaseFile(dataDir)): Promise<DataSource> =>
  source(file, false).initialize()
export const openReader = (dataDir: string): Promise<DataSource> => source(databaseFile(dataDir), true).initialize()

/** The driver's own connection under the ORM. */
export const rawOf = (of: DataSource): SQLite =>
  (of.driver as unknown as { readonly databaseConnection: SQLite }).databaseConnection

/** Makes the folder and the file for their owner only: they hold children's data. SQLite gives its log the file's mode. */
export function prepareFolder(dataDir: string): void {
  mkdirSync(dataDir, { recursive: true, mode: 0o700 })
  const file = databaseFile(dataDir)
  closeSync(openSync(file, 'a', OWNER_ONLY))
  for (const name of [file, `${file}-wal`, `${file}-shm`]) if (existsSync(name)) chmodSync(name, OWNER_ONLY)
}

/**
 * Holds the folder for one server: a second one on it would not see what the
 * first still writes. SQLite's own lock on a small file is let go by the system
 * when the process ends, however it ends; a file that merely lies there would not be.
 */
export function lockFolder(dataDir: string): { release(): void } {
  const file = join(dataDir, 'in-use.sqlite')
  closeSync(openSync(file, 'a', OWNER_ONLY))
  const lock = new SQLite(file, { timeout: 0 })
  try {
    lock.pragma('locking_mode=EXCLUSIVE')
    lock.exec('BEGIN EXCLUSIVE')
  } catch (error) {
    lock.close()
    if (String((error as { code?: unknown }).code).startsWith('SQLITE_BUSY'))
      throw new CannotOpen(
        `Another Nimble Anchor already uses the data in ${dataDir}. Stop it, or choose another folder with --data.`,
      )
    throw error
  }
  return { release: () => void lock.close() }
}

/** Refuses a database that a newer program has written, before anything of it is touched. */
export function refuseNewer(dataDir: string): void {
  refuseNewerFile(databaseFile(dataDir), dataDir)
}

/** @param named what it is called to whoever is told */
export function refuseNewerFile(file: string, named: string): void {
  const db = new SQLite(file, { readonly: true })
  try {
    const tables = db.prepare(`SELECT name FROM sqlite_master WHERE name = 'migrations'`).all()
    if (tables.length === 0) return
    const known: ReadonlySet<unknown> = new Set(MIGRATIONS.map((M) => new M().name))
    const strange = db
      .prepare(`SELECT name FROM "migrations" ORDER BY id`)
      .pluck()
      .all()
      .filter((name) => !known.has(name))
    if (strange.length > 0)
      throw new CannotOpen(
        `The data in ${named} were written by a newer Nimble Anchor (${strange.join(', ')}). Start that one; nothing was changed here.`,
      )
  } finally {
    db.close()
  }
}
