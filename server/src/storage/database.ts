import { AsyncLocalStorage } from 'node:async_hooks'
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { Injectable, type OnModuleDestroy } from '@nestjs/common'
import { DataSource, type EntityManager } from 'typeorm'
import { ENTITIES } from './entities'
import { MIGRATIONS } from './migrations'

interface RawConnection {
  pragma(text: string): unknown
}

/**
 * Moving the log into the file stops everybody for as long as the disk takes:
 * it is done when nobody has written for a moment, and only at this many pages
 * (of 4 kB) in the midst of work.
 */
const CHECKPOINT_PAGES = 10_000
const QUIET_MS = 1000

function open(file: string, isReadonly: boolean): DataSource {
  return new DataSource({
    type: 'better-sqlite3',
    database: file,
    readonly: isReadonly,
    entities: ENTITIES,
    migrations: isReadonly ? [] : MIGRATIONS,
    synchronize: false,
    prepareDatabase: (db: RawConnection) => {
      if (!isReadonly) {
        db.pragma('journal_mode=WAL')
        db.pragma(`wal_autocheckpoint=${CHECKPOINT_PAGES}`)
      }
      // FULL: an acknowledged write must survive a killed process and a power cut.
      db.pragma('synchronous=FULL')
      db.pragma('foreign_keys=ON')
      db.pragma('busy_timeout=5000')
    },
  })
}

/** Units of work stored with one commit at most: enough for a bay full of tablets, few enough to answer soon. */
const MOST_PER_COMMIT = 64

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
 */
@Injectable()
export class Database implements OnModuleDestroy {
  private waiting: Job[] = []
  private storing: Promise<void> | undefined
  private quiet: NodeJS.Timeout | undefined
  private readonly current = new AsyncLocalStorage<EntityManager>()

  private constructor(
    private readonly writer: DataSource,
    private readonly reader: DataSource,
  ) {}

  /** Opens (and creates, and migrates) the database in a folder. */
  static async open(dataDir: string): Promise<Database> {
    mkdirSync(dataDir, { recursive: true })
    const file = join(dataDir, 'nimble-anchor.sqlite')
    const writer = await open(file, false).initialize()
    await writer.runMigrations({ transaction: 'all' })
    return new Database(writer, await open(file, true).initialize())
  }

  /** Runs `work` alone and whole: all of it is stored, or none. Nested calls join the outer one. */
  write<T>(work: (manager: EntityManager) => Promise<T>): Promise<T> {
    const outer = this.current.getStore()
    if (outer) return work(outer)
    return new Promise<T>((resolve, reject) => {
      this.waiting.push({ run: work, resolve, reject })
      this.storing ??= this.storeAll()
    })
  }

  private async storeAll(): Promise<void> {
    while (this.waiting.length > 0) await this.storeTogether(this.waiting.splice(0, MOST_PER_COMMIT))
    // In the same breath as the last look at the queue: whoever comes after must begin anew.
    this.storing = undefined
    clearTimeout(this.quiet)
    this.quiet = setTimeout(() => void this.checkpoint(), QUIET_MS).unref()
  }

  /** Moves the log into the file while nothing is being stored. */
  private async checkpoint(): Promise<void> {
    if (this.storing === undefined && this.writer.isInitialized)
      await this.writer.query('PRAGMA wal_checkpoint(PASSIVE)')
  }

  private async storeTogether(jobs: readonly Job[]): Promise<void> {
    const answers: (() => void)[] = []
    try {
      await this.writer.transaction(async (manager) => {
        for (const job of jobs) {
          await manager.query('SAVEPOINT job')
          try {
            const value = await this.current.run(manager, () => job.run(manager))
            await manager.query('RELEASE job')
            answers.push(() => job.resolve(value as never))
          } catch (error) {
            await manager.query('ROLLBACK TO job')
            await manager.query('RELEASE job')
            answers.push(() => job.reject(error))
          }
        }
      })
    } catch (error) {
      // The commit itself failed: nothing of it is stored, and nobody is told otherwise.
      for (const job of jobs) job.reject(error)
      return
    }
    for (const answer of answers) answer()
  }

  /** After erasing: nothing of it stays in the log, nor in pages that are free but not written over. */
  async forget(): Promise<void> {
    while (this.storing) await this.storing
    const cleaned = this.rewrite()
    // Whoever writes meanwhile waits, and is stored right after.
    this.storing = cleaned.catch(() => undefined).then(() => this.storeAll())
    await cleaned
  }

  private async rewrite(): Promise<void> {
    await this.writer.query('VACUUM')
    await this.writer.query('PRAGMA wal_checkpoint(TRUNCATE)')
  }

  get read(): EntityManager {
    return this.reader.manager
  }

  async onModuleDestroy(): Promise<void> {
    await this.storing
    clearTimeout(this.quiet)
    await this.reader.destroy()
    await this.writer.destroy()
  }
}
