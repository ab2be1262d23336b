import { resolve } from 'node:path'
import { ConflictException, Inject, Injectable, Logger, type OnModuleDestroy } from '@nestjs/common'
import type { Child } from '@nimble-anchor/core/child'
import type { DemoRemoved, DemoView } from '@nimble-anchor/core/formats'
import { fingerprint, FittingId, IsoDate } from '@nimble-anchor/core/ground'
import { fittedSubject } from '@nimble-anchor/core/match'
import { recheckList } from '@nimble-anchor/core/procedure'
import type { RestraintModel, RestraintUnit } from '@nimble-anchor/core/restraint'
import type { Vehicle } from '@nimble-anchor/core/vehicle'
import type { EntityManager } from 'typeorm'
import { BeginJob } from '../aftercare/commands/begin-job'
import { DoJobStep } from '../aftercare/commands/do-job-step'
import { CatalogueRead } from '../catalogue/catalogue-read'
import { BeginFitting } from '../fittings/commands/begin'
import { BringInFitting } from '../fittings/commands/bring-in'
import { EnterFitting } from '../fittings/commands/enter'
import { SignFitting } from '../fittings/commands/sign'
import { FittingsRead } from '../fittings/fittings-read'
import { Ledger } from '../fittings/ledger'
import { AddRecheck } from '../handover/commands/add-recheck'
import { Clock } from '../http/clock'
import { withoutValues } from '../http/failures'
import { PracticeRead } from '../practice/practice-read'
import { BookVisit } from '../records/commands/book-visit'
import { DueService } from '../records/due.service'
import { Database } from '../storage/database'
import { ChildRow, FittingRow, ModelRow, SettingRow, UnitRow, VehicleRow } from '../storage/entities'
import { Live } from '../live/live.service'
import { Workshop } from '../work/workshop'
import { DemoClock } from './demo-clock'
import { SeedFiles } from './commands/seed-files'
import { demoIds } from './files'
import { markDemo, removeCatalogue, removeChildren, removeWork } from './records'
import { enterSaturday, type DemoFittings } from './saturday'
import { SEASON_FITTINGS, type Season, type SeasonFitting } from '../work/season/season'

/** How many of those who come in the season are gone through: all of them, but in tests. */
export const SEASON_SIZE = Symbol('season size')

const DEMO_DIR = resolve(__dirname, '..', '..', '..', 'demo')
const SETTING = 'demo'

/** What the store knows of its demo. */
interface Progress {
  /** The day to which its days were moved. */
  readonly today: IsoDate
  /** How many of those who come in the season have been gone through. */
  readonly next: number
  /** The season's fittings have the numbers up to here, and the day's the ones after. */
  readonly lastNumber: number
}

/** Gone through at once: so few that a thread is free again soon. */
const AT_ONCE = 10
/** Between two fittings others are served. */
const BREATH_MS = 4
/** A carer looks again some days after; so many did. */
const SECOND_LOOKS = 3

/** The demo: a Saturday at Slipway Bay, and the season behind it. It is entered by the commands that everybody uses. */
@Injectable()
export class DemoService implements OnModuleDestroy {
  private readonly log = new Logger(DemoService.name)
  private filling: Promise<void> | undefined
  private isStopped = false
  private turn: Promise<unknown> = Promise.resolve()
  private readonly past = new DemoClock()
  private readonly fittings: DemoFittings & { readonly bringIn: BringInFitting }
  private readonly addRecheck: AddRecheck

  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly practice: PracticeRead,
    private readonly workshop: Workshop,
    private readonly catalogue: CatalogueRead,
    private readonly seeding: SeedFiles,
    private readonly bookVisit: BookVisit,
    private readonly beginJob: BeginJob,
    private readonly doJobStep: DoJobStep,
    private readonly dues: DueService,
    @Inject(SEASON_SIZE) private readonly total: number,
  ) {
    // Of a season that is being filled in nobody is told, fitting by fitting.
    const live = new Live(db, clock)
    const ledger = new Ledger(this.past, live)
    this.fittings = {
      read: new FittingsRead(db, ledger),
      begin: new BeginFitting(db, this.past, practice, live, ledger),
      bringIn: new BringInFitting(db, this.past, workshop, ledger),
      enter: new EnterFitting(db, this.past, ledger),
      sign: new SignFitting(db, this.past, workshop, ledger),
    }
    this.addRecheck = new AddRecheck(db, this.past, ledger)
  }

  async onModuleDestroy(): Promise<void> {
    this.isStopped = true
    await this.filling
  }

  async view(): Promise<DemoView> {
    const progress = await this.progress()
    if (!progress) return { state: 'none', stored: 0, total: 0, lastNumber: 0, yours: 0, ids: { children: [], families: [], vehicles: [], models: [], units: [] } } // prettier-ignore
    const { next, lastNumber } = progress
    const ask = async (sql: string): Promise<readonly string[]> =>
      ((await this.db.read.query(sql)) as { id: string }[]).map((r) => r.id)
    const of = (kind: string) => ask(`SELECT "id" FROM "demo_record" WHERE "kind" = '${kind}' ORDER BY "id"`)
    const [{ n }] = (await this.db.read.query(
      `SELECT count(*) AS "n" FROM "fitting" f JOIN "demo_record" d ON d."kind" = 'children' AND d."id" = f."childId" WHERE f."number" > ?`,
      [lastNumber],
    )) as [{ n: number }]
    return {
      state: next < this.total ? 'filling' : 'here',
      stored: next,
      total: this.total,
      lastNumber,
      yours: n,
      ids: {
        children: await of('children'),
        families: await ask(
          `SELECT DISTINCT c."familyId" AS "id" FROM "child" c JOIN "demo_record" d ON d."kind" = 'children' AND d."id" = c."id"`,
        ),
        vehicles: await of('vehicles'),
        models: await of('models'),
        units: await of('units'),
      },
    }
  }

  /** Into an empty store only: nobody's own records are mixed with made-up ones. */
  async isWelcome(): Promise<boolean> {
    return (await this.catalogue.isEmpty()) && (await this.db.read.count(ChildRow)) === 0
  }

  /**
   * Fills an empty store: the files and the day at once, the season after that, while others are served.
   * @throws ConflictException where there is something already
   */
  begin(): Promise<DemoView> {
    return this.inTurn(() => this.fillEmpty())
  }

  private async fillEmpty(): Promise<DemoView> {
    if (!(await this.isWelcome()))
      throw new ConflictException('The demo goes into an empty folder only; here there is data already.')
    const today = this.clock.today()
    await this.seeding.run(DEMO_DIR, today)
    const season = await this.seasonOf(today)
    const now = new Date(this.clock.now())
    const made = await enterSaturday({
      fittings: this.fittings,
      bookVisit: this.bookVisit,
      beginJob: this.beginJob,
      doJobStep: this.doJobStep,
      clock: this.past,
      shelf: season.shelf,
      today,
      minuteNow: now.getHours() * 60 + now.getMinutes(),
      lastNumber: SEASON_FITTINGS,
    })
    await this.db.write(async (manager) => {
      // By what it brought, not by what is there: somebody may have entered their own meanwhile.
      const brought = new Set(demoIds(DEMO_DIR))
      const ofDemo = async (target: typeof VehicleRow) =>
        (await manager.find(target))
          .filter((r) => brought.has(r.id))
          .map((r): [string, string] => [r.id, fingerprint(r.body)])
      const unseen = (ids: readonly string[]) => ids.map((id): [string, null] => [id, null])
      await markDemo(manager, 'vehicles', await ofDemo(VehicleRow))
      await markDemo(manager, 'models', await ofDemo(ModelRow))
      await markDemo(manager, 'units', await ofDemo(UnitRow))
      await markDemo(manager, 'children', unseen(season.children.map((c) => c.id).filter((id) => brought.has(id))))
      await markDemo(manager, 'visits', unseen(made.visits))
      await markDemo(manager, 'jobs', unseen(made.jobs))
      await this.keepProgress(manager, { today, next: 0, lastNumber: made.lastNumber })
    })
    this.resume()
    return this.view()
  }

  /** Goes on with a season that is not all there, after a start as after a beginning. */
  resume(): void {
    this.isStopped = false
    this.filling ??= this.fill()
      .catch((error: unknown) => this.log.warn(`The demo’s season was not finished: ${withoutValues(error)}`))
      .finally(() => (this.filling = undefined))
  }

  /** Until the season is all there; for whoever measures it. */
  async filled(): Promise<void> {
    await this.filling
  }

  /** Takes away all that the demo brought; of the catalogue, what nobody has changed since. */
  remove(): Promise<DemoRemoved> {
    return this.inTurn(() => this.removeAll())
  }

  /** Two devices may press at once: the second finds what the first has done. */
  private inTurn<T>(work: () => Promise<T>): Promise<T> {
    const mine = this.turn.then(work)
    this.turn = mine.catch(() => undefined)
    return mine
  }

  private async removeAll(): Promise<DemoRemoved> {
    this.isStopped = true
    await this.filling
    if (!(await this.progress())) throw new ConflictException('There is no demo here.')
    let fittings = 0
    let children = 0
    for (;;) {
      const gone = await this.db.write((manager) => removeChildren(manager))
      if (gone.children === 0) break
      fittings += gone.fittings
      children += gone.children
      await breath()
    }
    const kept = await this.db.write(async (manager) => {
      await removeWork(manager)
      const left = await removeCatalogue(manager)
      await manager.query(`DELETE FROM "demo_record"`)
      await manager.delete(SettingRow, { key: SETTING })
      return left
    })
    await this.db.forget()
    return { fittings, children, kept }
  }

  private async progress(): Promise<Progress | undefined> {
    const row = await this.db.read.findOneBy(SettingRow, { key: SETTING })
    return row ? (JSON.parse(row.value) as Progress) : undefined
  }

  private async keepProgress(manager: EntityManager, progress: Progress): Promise<void> {
    await manager.upsert(SettingRow, { key: SETTING, value: JSON.stringify(progress) }, ['key'])
  }

  /** From the files of that day as they are stored: the same whenever a season is gone on with. */
  private async seasonOf(today: IsoDate): Promise<Season> {
    const all = async (target: typeof VehicleRow) => (await this.db.read.find(target, { order: { id: 'ASC' } })).map((r) => r.body) // prettier-ignore
    const { practice, localRule } = await this.practice.defaults(this.db.read)
    const children = (await this.db.read.find(ChildRow, { order: { id: 'ASC' } })).map((r) => r.body as Child)
    return {
      today,
      shelf: { models: (await all(ModelRow)) as RestraintModel[], units: (await all(UnitRow)) as RestraintUnit[] },
      vehicles: (await all(VehicleRow)) as Vehicle[],
      children: children.filter((c) => !c.id.startsWith('season-')),
      practice,
      localRule,
    }
  }

  private async fill(): Promise<void> {
    let progress = await this.progress()
    if (!progress || progress.next >= this.total) return
    const season = await this.seasonOf(progress.today)
    while (progress.next < this.total && !this.isStopped) {
      const fittings: readonly SeasonFitting[] = await this.workshop.run('season', [
        season,
        progress.next,
        Math.min(AT_ONCE, this.total - progress.next),
      ])
      for (const fitting of fittings) {
        await this.db.write((manager) => this.store(manager, fitting))
        await breath()
      }
      const next: Progress = { ...progress, next: Math.min(this.total, progress.next + AT_ONCE) }
      await this.db.write((manager) => this.keepProgress(manager, next))
      progress = next
    }
    if (!this.isStopped) await this.lookAgain()
    if (!this.isStopped) await this.dues.workOut()
  }

  /** One fitting of the season by the commands of every fitting, under the clock of its day. */
  private async store(manager: EntityManager, fitting: SeasonFitting): Promise<void> {
    const { start, number, arrivedInstalled, moves, who, day, minute, carerName } = fitting
    // Stored before the program ended, its progress not: it is there already.
    if (await manager.existsBy(FittingRow, { number })) return
    this.past.set(day, minute)
    const { id, sequence } = await this.fittings.bringIn.run(start, 'known', { arrivedInstalled, number })
    let at = sequence
    for (const { puts, seconds } of moves) {
      this.past.pass(seconds)
      at = (await this.fittings.enter.run(id, { baseSequence: at, who, puts: [...puts] })).sequence
    }
    this.past.pass(75)
    await this.fittings.sign.run(id, { baseSequence: at, who, carerName, carerTried: 'well' }, 'asked')
    await markDemo(manager, 'children', [[start.child.id, null]])
  }

  /** Carers who looked at their installation again: one all good, one with something wrong, one unsure. */
  private async lookAgain(): Promise<void> {
    const rows = (await this.db.read.query(
      `SELECT "id", substr("createdAt", 1, 10) AS "day" FROM "fitting" WHERE "status" = 'signed' AND "number" <= ${SEASON_FITTINGS}
        AND NOT EXISTS (SELECT 1 FROM "recheck") ORDER BY "number" DESC LIMIT ${SECOND_LOOKS}`,
    )) as { id: string; day: string }[]
    for (const [i, { id, day }] of rows.entries()) {
      const { case: c } = await this.fittings.read.get(FittingId(id))
      const subject = fittedSubject(c)
      if (!subject) continue
      const answers = recheckList(subject).map(({ id: item }, n) => [item, n === i && i > 0 ? (i === 1 ? 'no' : 'unsure') : 'yes'] as const) // prettier-ignore
      this.past.set(IsoDate(day), 18 * 60)
      this.past.pass(3 * 24 * 3600)
      await this.addRecheck.run(FittingId(id), c.handover?.carerName ?? 'The carer', Object.fromEntries(answers))
    }
  }
}

const breath = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, BREATH_MS))
