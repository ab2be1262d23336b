import { type FittingId } from '@nimble-anchor/core/ground'
import { Injectable, type OnApplicationBootstrap } from '@nestjs/common'
import { upgradeChanges, type Case, type Changed } from '@nimble-anchor/core/casefile'
import {
  type FittingSummary,
  type FittingView,
  type GrowthReading,
  type HistoryEntry,
} from '@nimble-anchor/core/formats'
import { type Stage } from '@nimble-anchor/core/verdict'
import { In } from 'typeorm'
import { Database } from '../storage/database'
import { EntryRow, ErasedRow, FittingRow } from '../storage/entities'
import { judge, SUMMARY_COLUMNS, SUMMARY_LIMIT, toReading, toSummary, toView } from './fitting-views'
import { Ledger } from './ledger'

/** What is asked of fittings. */
@Injectable()
export class FittingsRead implements OnApplicationBootstrap {
  constructor(
    private readonly db: Database,
    private readonly ledger: Ledger,
  ) {}

  /** Fittings from before stages were kept: core says once where each stands. */
  async onApplicationBootstrap(): Promise<void> {
    await this.db.write(async (manager) => {
      for (const row of await manager.findBy(FittingRow, { stage: '' as Stage })) {
        const { stage } = judge(row.current as Case).columns
        await manager.update(FittingRow, { id: row.id }, { stage })
      }
    })
  }

  /**
   * The newest, the open ones first: a busy season does not push one that nobody finished off the list.
   * Plain rows: making two hundred entities of them takes longer than reading them.
   */
  async list(): Promise<readonly FittingSummary[]> {
    const columns = SUMMARY_COLUMNS.map((c) => `"${c}"`).join(', ')
    const newest = async (status: FittingRow['status'], most: number): Promise<readonly FittingSummary[]> =>
      (await this.db.read.query(
        `SELECT ${columns} FROM "fitting" WHERE "status" = ? ORDER BY "updatedAt" DESC LIMIT ?`,
        [status, most],
      )) as FittingSummary[]
    const open = await newest('open', SUMMARY_LIMIT)
    return [...open, ...(await newest('signed', SUMMARY_LIMIT - open.length))].map(toSummary)
  }

  /** Those of the fittings named that were erased. One that was never here is not: it may be another folder's. */
  async erased(ids: readonly string[]): Promise<readonly string[]> {
    return (await this.db.read.findBy(ErasedRow, { fittingId: In([...ids]) })).map((e) => e.fittingId)
  }

  async get(id: FittingId): Promise<FittingView> {
    return toView(await this.ledger.find(this.db.read, id))
  }

  async history(id: FittingId): Promise<readonly HistoryEntry[]> {
    await this.ledger.find(this.db.read, id)
    const rows = await this.db.read.find(EntryRow, { where: { fittingId: id }, order: { sequence: 'ASC' } })
    return rows.map((r) => ({
      sequence: r.sequence,
      enteredAt: r.enteredAt,
      who: r.who,
      changes: [...upgradeChanges(r.changes as Changed[])],
      undoes: r.undoes,
      isSignedIn: r.personId !== null,
    }))
  }

  /** What a child measured at its fittings, oldest first. */
  async readings(childId: string): Promise<readonly GrowthReading[]> {
    const rows = await this.db.read.find(FittingRow, {
      select: { id: true, current: true },
      where: { childId },
      order: { createdAt: 'ASC' },
      take: SUMMARY_LIMIT,
    })
    return rows.flatMap((row) => toReading(row.id, row.current as Case) ?? [])
  }
}
