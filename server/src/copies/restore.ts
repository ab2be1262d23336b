import { copyFileSync, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs'
import { dirname, join } from 'node:path'
import SQLite from 'better-sqlite3'
import type { DataSource } from 'typeorm'
import { eraseFamily } from '../families/erasing'
import { FamilyRow } from '../storage/entities'
import { RUN_ONCE_AFTER } from '../storage/migrations/index'
import { databaseFile, lockFolder, openWriter, rawOf, refuseNewerFile } from '../storage/opening'
import { CannotOpen } from '../storage/store-faults'
import { checked } from './copy'
import { refuseOthers, type AskLead } from './lead'
import { addErased, readErased, type Erased } from '../storage/erased-list'
import { isSealed, unseal } from './sealed'

export interface Restoring {
  readonly now: Date
  readonly passphrase?: string | undefined
  /** Asked where people sign in: for a lead. */
  readonly askLead: AskLead
}
export interface Restored {
  readonly fittings: number
  /** Records that had been erased since the copy was made, and are gone again. */
  readonly erased: number
  /** Where the database went that was there before. */
  readonly before: string | undefined
}

/**
 * Puts a copy in the place of a folder's database. What stood there is set
 * aside, not written over; what was erased since is erased in the copy before
 * anybody can read it.
 *
 * @throws CannotOpen while a server uses the folder, and for a copy that is
 * damaged, sealed by another passphrase, or from a newer program; for who is no lead
 */
export async function restore(
  from: string,
  dataDir: string,
  { now, passphrase, askLead }: Restoring,
): Promise<Restored> {
  if (!existsSync(from)) throw new CannotOpen(`There is no copy at ${from}.`)
  mkdirSync(dataDir, { recursive: true, mode: 0o700 })
  const lock = lockFolder(dataDir)
  const part = join(dataDir, 'restoring.sqlite')
  try {
    rmSync(part, { force: true })
    await plain(from, part, passphrase)
    const fittings = check(part, from)
    refuseNewerFile(part, from)
    const lead = await refuseOthers([databaseFile(dataDir), part], askLead)
    const erased = [...readErased(dataDir), ...readErased(dirname(from)), ...knownTo(databaseFile(dataDir))]
    const gone = await free(part, erased, { now, who: lead ?? 'at the machine' })
    const file = databaseFile(dataDir)
    const before = existsSync(file) ? join(dataDir, `before-restore-${now.toISOString().slice(0, 19).replaceAll(':', '')}Z.sqlite`) : undefined // prettier-ignore
    if (before !== undefined) setAside(file, before)
    for (const beside of ['-wal', '-shm']) rmSync(`${file}${beside}`, { force: true })
    renameSync(part, file)
    addErased(dataDir, erased)
    return { fittings: fittings - gone.fittings, erased: gone.records, before }
  } finally {
    rmSync(part, { force: true })
    lock.release()
  }
}

async function plain(from: string, to: string, passphrase: string | undefined): Promise<void> {
  if (!isSealed(from)) return copyFileSync(from, to)
  if (passphrase === undefined) throw new CannotOpen(`${from} is sealed: give its passphrase.`)
  await unseal(from, to, passphrase).catch(() => {
    throw new CannotOpen(
      `${from} does not open: the passphrase is another, or the copy is damaged. Nothing was changed.`,
    )
  })
}

function check(file: string, from: string): number {
  try {
    return checked(file)
  } catch {
    throw new CannotOpen(`${from} is damaged. Nothing was changed.`)
  }
}

/** With what is still in its log, as one file. */
function setAside(file: string, to: string): void {
  try {
    const db = new SQLite(file)
    db.pragma('wal_checkpoint(TRUNCATE)')
    db.close()
  } catch {
    // Too damaged to be opened: set aside as it is.
  }
  renameSync(file, to)
}

/** What the database that is there knows to be erased; nothing, of one that does not open. */
function knownTo(file: string): readonly Erased[] {
  if (!existsSync(file)) return []
  try {
    const db = new SQLite(file, { readonly: true })
    try {
      return db.prepare('SELECT "kind", "id" FROM "erased_record"').all() as Erased[]
    } finally {
      db.close()
    }
  } catch {
    return []
  }
}

/** Brings the copy to today's format, and erases in it what was erased since. */
async function free(
  file: string,
  erased: readonly Erased[],
  { now, who }: { readonly now: Date; readonly who: string },
): Promise<{ readonly records: number; readonly fittings: number }> {
  const source: DataSource = await openWriter(dirname(file), file)
  try {
    const done = await source.runMigrations({ transaction: 'all' })
    for (const { name } of done) for (const sql of RUN_ONCE_AFTER[name] ?? []) await source.query(sql)
    const raw = rawOf(source)
    const run = (sql: string, id: string): number => raw.prepare(sql).run(id).changes
    let records = 0
    const before = raw.prepare('SELECT count(*) FROM "fitting"').pluck().get() as number
    raw.exec('BEGIN IMMEDIATE')
    for (const { kind, id } of erased) {
      if (kind === 'family') {
        const family = await source.manager.findOneBy(FamilyRow, { id })
        if (family) records += 1 + (await eraseFamily(source.manager, family)).length
      }
      // Of a child who was moved to another family since, and of its fittings.
      if (kind === 'child') {
        run('DELETE FROM "visit" WHERE "childId" = ?', id)
        records += run('DELETE FROM "fitting" WHERE "childId" = ?', id) + run('DELETE FROM "child" WHERE "id" = ?', id)
      }
      if (kind === 'fitting') {
        run('DELETE FROM "visit" WHERE "fittingId" = ?', id)
        run('INSERT OR IGNORE INTO "erased" VALUES (?)', id)
        records += run('DELETE FROM "fitting" WHERE "id" = ?', id)
      }
      raw.prepare('INSERT OR IGNORE INTO "erased_record" ("kind", "id") VALUES (?, ?)').run(kind, id)
    }
    // A device that was signed out since would be signed in again.
    raw.exec('DELETE FROM "device"')
    raw
      .prepare('INSERT INTO "audit" ("at", "personId", "who", "what") VALUES (?, NULL, ?, ?)')
      .run(now.toISOString(), who, 'restored a copy')
    raw.exec('COMMIT')
    raw.exec(`INSERT INTO "fitting_search" ("fitting_search") VALUES ('optimize')`)
    const after = raw.prepare('SELECT count(*) FROM "fitting"').pluck().get() as number
    raw.pragma('wal_checkpoint(TRUNCATE)')
    raw.pragma('journal_mode=DELETE')
    return { records, fittings: before - after }
  } finally {
    await source.destroy()
  }
}
