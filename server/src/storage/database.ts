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

function open(file: string, isReadonly: boolean): DataSource {
  return new DataSource({
    type: 'better-sqlite3',
    database: file,
    readonly: isReadonly,
    entities: ENTITIES,
    migrations: isReadonly ? [] : MIGRATIONS,
    synchronize: false,
    prepareDatabase: (db: RawConnection) => {
      if (!isReadonly) db.pragma('journal_mode=WAL')
      // FULL: an acknowledged write must survive a killed process and a power cut.
      db.pragma('synchronous=FULL')
      db.pragma('foreign_keys=ON')
      db.pragma('busy_timeout=5000')
    },
  })
}

/**
 * The store: one connection that writes, one that only reads. The driver
 * shares its connection between requests, so every write goes through one
 * serialised unit of work; otherwise another request's rollback could take an
 * acknowledged write with it.
 */
@Injectable()
export class Database implements OnModuleDestroy {
  private tail: Promise<unknown> = Promise.resolve()
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
    const result = this.tail.then(() =>
      this.writer.transaction((manager) => this.current.run(manager, () => work(manager))),
    )
    this.tail = result.catch(() => undefined)
    return result
  }

  get read(): EntityManager {
    return this.reader.manager
  }

  async onModuleDestroy(): Promise<void> {
    await this.tail
    await this.reader.destroy()
    await this.writer.destroy()
  }
}
