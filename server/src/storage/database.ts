import { AsyncLocalStorage } from 'node:async_hooks'
import { Injectable, Logger, type OnModuleDestroy } from '@nestjs/common'
import type { DataSource, EntityManager } from 'typeorm'
import { addErased, type Erased } from './erased-list'
import { RUN_ONCE_AFTER } from './migrations/index'
import { lockFolder, openReader, openWriter, prepareFolder, rawOf, refuseNewer } from './opening'
import { withoutValues } from '../http/failures'
import { startChecks } from './start-checks'
import { isStoreError, StoreFault } from './store-faults'
import { CASES } from './same-text'

const QUIET_MS = 1000

/** Units of work stored with one commit at most: enough for a bay full of tablets, few enough to answer soon. */
const MOST_PER_COMMIT = 64

/** The unit of work under way. */
interface Unit {
  readonly manager: EntityManager
  /** What is told once it is on the disk. */
  readonly after: (() => void)[]
}
interface Job {
  readonly run: (manager: EntityManager) => Promise<unknown>
  readonly resolve: (value: never) => void
  readonly reject: (reason: unknown) => void
}

/**
 * The store: one connection that writes, one that only reads. The driver
 * shares its connection between requests, so every write goes through one
 * serialised unit of work; otherwise another request's rollback could take an
 * acknowledged write with it.
 *
 * Units that wait while another is stored share the next commit, each in a
 * savepoint of its own: one that fails takes back itself alone. Nobody is
 * answered before the commit is on the disk.
 *
 * The transaction is begun and ended on the driver's connection, past the ORM:
 * SQLite ends a transaction by itself when the disk is full, and a count of
 * open transactions kept elsewhere would then be wrong for good. For the same
 * reason nothing inside may begin one of its own: `insert`, `update`, `upsert`
 * and `delete` do not, `save` and `remove` do.
 */
@Injectable()
export class Database implements OnModuleDestroy {
  private waiting: Job[] = []
  private storing: Promise<void> | undefined
  private quiet: NodeJS.Timeout | undefined
  private isClosed = false
  private readonly log = new Logger('Database')
  private readonly current = new AsyncLocalStorage<Unit>()

  /** What the start found to say: little room, a clock that stands wrong. */
  said: readonly string[] = []

  private constructor(
    private readonly dataDir: string,
    private readonly lock: { release(): void },
    private writer: DataSource,
    private readonly reader: DataSource,
  ) {}

  /**
   * Opens (and creates, and migrates) the database in a folder.
   * @param today where the day is fixed: what is of later is no wonder
   * @throws CannotOpen when another server holds it, a newer program wrote it, or it is damaged.
   */
  static async open(dataDir: string, today?: string): Promise<Database> {
    prepareFolder(dataDir)
    const lock = lockFolder(dataDir)
    try {
      const said = startChecks(dataDir, today === undefined ? Date.now() : Date.parse(`${today}T23:59:59Z`))
      refuseNewer(dataDir)
      const writer = await openWriter(dataDir)
      const done = await writer.runMigrations({ transaction: 'all' })
      for (const { name } of done) for (const sql of RUN_ONCE_AFTER[name] ?? []) await writer.query(sql)
      const database = new Database(dataDir, lock, writer, await openReader(dataDir))
      database.said = said
      await database.keepErasedList()
      return database
    } catch (error) {
      lock.release()
      throw error
    }
  }

  /** Runs `work` alone and whole: all of it is stored, or none. Nested calls join the outer one. */
  write<T>(work: (manager: EntityManager) => Promise<T>): Promise<T> {
    const outer = this.current.getStore()
    if (outer) return work(outer.manager)
    return new Promise<T>((resolve, reject) => {
      this.waiting.push({ run: work, resolve, reject })
      this.storing ??= this.storeAll()
    })
  }

  /** Once the unit of work under way is stored; never, where it is rolled back. Outside of one, at once. */
  afterCommit(tell: () => void): void {
    const unit = this.current.getStore()
    if (unit) unit.after.push(tell)
    else tell()
  }

  private async storeAll(): Promise<void> {
    while (this.waiting.length > 0) await this.storeTogether(this.waiting.splice(0, MOST_PER_COMMIT))
    // In the same breath as the last look at the queue: whoever comes after must begin anew.
    this.storing = undefined
    clearTimeout(this.quiet)
    this.quiet = setTimeout(() => this.checkpoint(), QUIET_MS).unref()
  }

  /** Moves the log into the file while nothing is being stored. What stays in the log is as safe there, so a failure waits for the next time. */
  private checkpoint(): void {
    if (this.storing !== undefined || this.isClosed) return
    try {
      rawOf(this.writer).pragma('wal_checkpoint(PASSIVE)')
    } catch (error) {
      this.log.warn(`The log could not be moved into the file: ${String((error as { code?: unknown }).code)}`)
    }
  }

  private async storeTogether(jobs: readonly Job[]): Promise<void> {
    const answers: (() => void)[] = []
    let isHeld = false
    try {
      const raw = await this.begin()
      isHeld = true
      const { manager } = this.writer
      // One alone needs no savepoint: what takes it back takes the whole back.
      const isAlone = jobs.length === 1
      for (const job of jobs) {
        if (!isAlone) raw.exec('SAVEPOINT job')
        try {
          const after: (() => void)[] = []
          const value = await this.current.run({ manager, after }, () => job.run(manager))
          if (!raw.inTransaction) throw new StoreFault(503, 'The transaction ended under its work.')
          if (!isAlone) raw.exec('RELEASE job')
          answers.push(() => {
            job.resolve(value as never)
            for (const tell of after) tell()
          })
        } catch (error) {
          // A full disk takes the whole transaction back, and every unit in it.
          if (isStoreError(error) || !raw.inTransaction) throw error
          if (isAlone) {
            raw.exec('ROLLBACK')
            raw.exec('BEGIN')
          } else {
            raw.exec('ROLLBACK TO job')
            raw.exec('RELEASE job')
          }
          answers.push(() => job.reject(error))
        }
      }
      raw.exec('COMMIT')
    } catch (error) {
      // Nothing of it is stored, and nobody is told otherwise.
      if (isHeld) await this.abandon()
      const fault = error instanceof StoreFault ? error : StoreFault.of(error)
      // Never the statement's values: they are about children.
      this.log.warn(`${jobs.length} not stored: ${withoutValues(error)}`)
      for (const job of jobs) job.reject(fault)
      return
    }
    for (const answer of answers) answer()
  }

  private async begin() {
    // A connection that could not be reopened is tried again by the next who writes.
    if (!this.writer.isInitialized) this.writer = await openWriter(this.dataDir)
    const raw = rawOf(this.writer)
    raw.exec('BEGIN IMMEDIATE')
    return raw
  }

  /** After a failed unit: whatever the old connection still believes goes with it. */
  private async abandon(): Promise<void> {
    try {
      const raw = rawOf(this.writer)
      if (raw.inTransaction) raw.exec('ROLLBACK')
      await this.writer.destroy()
      this.writer = await openWriter(this.dataDir)
    } catch (error) {
      this.log.warn(`The store could not be reopened yet: ${String((error as { code?: unknown }).code)}`)
    }
  }

  /**
   * After erasing: what was deleted is already written over in the file
   * (`secure_delete`); here it leaves the search index's own segments and the log.
   */
  async forget(): Promise<void> {
    while (this.storing) await this.storing
    CASES.forget()
    const raw = rawOf(this.writer)
    raw.exec(`INSERT INTO "fitting_search" ("fitting_search") VALUES ('optimize')`)
    raw.pragma('wal_checkpoint(TRUNCATE)')
  }

  /** Ids of what was erased, in a file of their own: they outlive this database. */
  async keepErasedList(): Promise<void> {
    const rows = (await this.reader.query('SELECT "kind", "id" FROM "erased_record"')) as Erased[]
    if (rows.length > 0) addErased(this.dataDir, rows)
  }

  get read(): EntityManager {
    return this.reader.manager
  }

  async onModuleDestroy(): Promise<void> {
    await this.storing
    this.isClosed = true
    clearTimeout(this.quiet)
    await this.reader.destroy()
    if (this.writer.isInitialized) await this.writer.destroy()
    this.lock.release()
  }
}
