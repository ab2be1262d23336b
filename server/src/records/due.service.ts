import { FittingId, type IsoDate } from '@nimble-anchor/core/ground'
import { Injectable, Logger } from '@nestjs/common'
import { type AheadItem } from '@nimble-anchor/core/ahead'
import { type Case } from '@nimble-anchor/core/casefile'
import { type DueView } from '@nimble-anchor/core/formats'
import { addDays } from '@nimble-anchor/core/quantities'
import { withoutValues } from '../http/failures'
import { Database } from '../storage/database'
import { Workshop } from '../work/workshop'
import { storeDue } from '../projections/due'

/** Looked ahead for what comes due; looked back so far that nothing is nagged for ever. */
const DUE_AHEAD_DAYS = 14
const DUE_BACK_DAYS = 180
const MOST_DUE = 100

/** No signed fitting of the same child is newer than `f`. */
const NEWEST = `NOT EXISTS (SELECT 1 FROM "fitting" g WHERE g."childId" = f."childId" AND g."status" = 'signed'
  AND (g."signedAt", g."number") > (f."signedAt", f."number"))`
const WAITING = `FROM "due_waiting" w JOIN "fitting" f ON f."id" = w."fittingId" WHERE ${NEWEST}`

/** What is due after the fittings that were signed. */
@Injectable()
export class DueService {
  private readonly log = new Logger(DueService.name)
  private working: Promise<void> | undefined
  private isClosed = false

  constructor(
    private readonly db: Database,
    private readonly workshop: Workshop,
  ) {}

  onModuleDestroy(): Promise<void> | undefined {
    this.isClosed = true
    return this.working
  }

  /**
   * What is due by the newest signed fitting of each child, what is nearest to
   * today first. A look at the fit is settled by a re-check that passed near its day.
   */
  async due(today: IsoDate): Promise<readonly DueView[]> {
    const rows = (await this.db.read.query(
      `SELECT d."fittingId", d."item", c."familyId", f."childName", f."restraintName" FROM "due" d
        JOIN "fitting" f ON f."id" = d."fittingId" JOIN "child" c ON c."id" = f."childId"
        WHERE d."early" BETWEEN ? AND ? AND ${NEWEST}
          AND NOT (d."itemId" = 'next-check' AND EXISTS (SELECT 1 FROM "recheck" r WHERE r."fittingId" = d."fittingId" AND r."kind" = 'pass' AND substr(r."at", 1, 10) >= date(d."early", '-14 days')))
        ORDER BY abs(julianday(d."early") - julianday(?)), d."early", d."fittingId", d."itemId" LIMIT ${MOST_DUE}`,
      [addDays(today, -DUE_BACK_DAYS), addDays(today, DUE_AHEAD_DAYS), today],
    )) as (Omit<DueView, 'item' | 'isPast'> & { item: string })[]
    return rows.map((r) => {
      const item = JSON.parse(r.item) as AheadItem
      return { ...r, item, isPast: item.early <= today }
    })
  }

  /** How many children's fittings wait to be worked out; whoever asks sets it going. */
  async waiting(): Promise<number> {
    const [{ n }] = (await this.db.read.query(`SELECT count(*) AS "n" ${WAITING}`)) as [{ n: number }]
    if (n > 0) void this.workOut()
    return n
  }

  /** Works out what waits, one after another, beside the requests. Of a fitting that a newer one follows nothing is due: it waits for good. */
  workOut(): Promise<void> {
    this.working ??= this.workOutAll().finally(() => (this.working = undefined))
    return this.working
  }

  private async workOutAll(): Promise<void> {
    while (!this.isClosed) {
      const [row] = (await this.db.read.query(`SELECT f."id", f."current" ${WAITING} ORDER BY f."number" DESC LIMIT 1`)) as { id: string; current: string }[] // prettier-ignore
      if (row === undefined) return
      try {
        const due = await this.workshop.run('due', [JSON.parse(row.current) as Case])
        await this.db.write((manager) => storeDue(manager, FittingId(row.id), due))
      } catch (error) {
        // Asked for again with the next look at the day.
        this.log.warn(`What is due was not worked out: ${withoutValues(error)}`)
        return
      }
    }
  }
}
