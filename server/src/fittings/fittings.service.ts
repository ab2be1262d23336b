import { type AheadItem } from '@nimble-anchor/core/ahead'
import { randomUUID } from 'node:crypto'
import { ConflictException, Injectable, NotFoundException, type OnApplicationBootstrap } from '@nestjs/common'
import {
  applyPuts,
  CASE_FORMAT,
  CASE_VERSION,
  caseSchema,
  datedChild,
  highestSequence,
  revert,
  upgradeCase,
  upgradeChanges,
  type Case,
  type Changed,
  type Put,
} from '@nimble-anchor/core/casefile'
import { parseWith } from '@nimble-anchor/core/ground'
import { type Child } from '@nimble-anchor/core/child'
import {
  type FittingSummary,
  type FittingView,
  type GrowthReading,
  type HistoryEntry,
  type Stored,
} from '@nimble-anchor/core/formats'
import { type Vehicle } from '@nimble-anchor/core/vehicle'
import { assess, type Stage } from '@nimble-anchor/core/verdict'
import { In, type EntityManager } from 'typeorm'
import { Clock } from '../http/clock'
import { FaultsException } from '../http/faults'
import { Database } from '../storage/database'
import { insertEntry, readFitting, updateFitting } from '../storage/statements'
import { refuseAhead, refuseBegun, refuseOtherDay, refuseStrangersSlip, refuseUnfitUnit, takeable } from './refusals'
import { ChildRow, EntryRow, ErasedRow, FittingRow, VehicleRow, VisitRow } from '../storage/entities'
import { awaitDue, dropFaultsOf, keepDue, keepFaults, keepSearch, keepStageTime, searchText } from '../records/keeping'
import { judge, SUMMARY_COLUMNS, SUMMARY_LIMIT, toReading, toSummary, toView } from './fitting-views'
import { Live } from '../live/live.service'
import { Workshop } from '../work/workshop'
import type { By } from '../people/caller'
import { PracticeService } from '../practice/practice.service'
import { insertChild, keepChild, onItsChild, type ChildOfFile } from './child-record'
import { conflict, madeSince, refuseCollision } from './collisions'
import { storedSince } from './since'
import type { CreateFittingDto, EntryDto, SignDto, UndoDto } from './dto'

/** What is known of a fitting that its case does not say. */
export interface KnownOfFitting {
  readonly arrivedInstalled?: boolean
  /** Its running number, where it is not the next. */
  readonly number?: number
}

/** Fittings: entries in, state and judgement out. Decides nothing itself: core does. */
@Injectable()
export class FittingsService implements OnApplicationBootstrap {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly practice: PracticeService,
    private readonly workshop: Workshop,
    private readonly live: Live,
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

  async get(id: string): Promise<FittingView> {
    return toView(await this.find(this.db.read, id))
  }

  async history(id: string): Promise<readonly HistoryEntry[]> {
    await this.find(this.db.read, id)
    const rows = await this.db.read.find(EntryRow, { where: { fittingId: id }, order: { sequence: 'ASC' } })
    return rows.map((r) => ({
      sequence: r.sequence,
      at: r.at,
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

  /** @param number its running number, where it is not the next */
  create(
    { childId, newChild, vehicleId, visitId, arrivedInstalled }: CreateFittingDto,
    number?: number,
  ): Promise<FittingView> {
    return this.db.write(async (manager) => {
      if (visitId !== undefined) await refuseBegun(manager, visitId)
      const child = newChild
        ? await insertChild(manager, newChild, this.clock.today())
        : ((await manager.findOneBy(ChildRow, { id: childId ?? '' }))?.body as Child | undefined)
      if (!child)
        throw new FaultsException('The fitting was not created.', [
          { path: '$.childId', message: `no child "${childId}"` },
        ])
      const vehicle = vehicleId === undefined ? null : await manager.findOneBy(VehicleRow, { id: vehicleId })
      if (vehicleId !== undefined && !vehicle) {
        throw new FaultsException('The fitting was not created.', [
          { path: '$.vehicleId', message: `no vehicle "${vehicleId}"` },
        ])
      }
      const begun = await this.insert(
        manager,
        {
          format: CASE_FORMAT,
          version: CASE_VERSION,
          today: this.clock.today(),
          child,
          ...(vehicle && { vehicle: vehicle.body as Vehicle }),
          restraints: [],
          choice: { at: 0 },
          settings: {},
          disturbances: {},
          readings: {},
          ...(await this.practice.defaults(manager)),
        },
        { arrivedInstalled: arrivedInstalled ?? false, ...(number !== undefined && { number }) },
      )
      if (visitId !== undefined) {
        await manager.update(VisitRow, { id: visitId }, { fittingId: begun.id, childId: child.id, state: 'here' })
        this.live.tell({ kind: 'day' })
      }
      return begun
    })
  }

  /**
   * A case file becomes a fitting; exporting it gives back the same file. One
   * that says it is signed was signed elsewhere: it comes in closed, marked so,
   * and judged anew.
   */
  async import(data: unknown, child?: ChildOfFile, known: KnownOfFitting = {}): Promise<FittingView> {
    const parsed = parseWith(caseSchema, upgradeCase(data))
    if (!parsed.ok) throw new FaultsException('The case file is not valid; no fitting was created.', parsed.error)
    refuseAhead(parsed.value, this.clock.today())
    const due = parsed.value.handover ? await this.workshop.run('due', [parsed.value]) : []
    return this.db.write(async (manager) => {
      const c = await onItsChild(manager, parsed.value, child)
      return this.insert(manager, c, { ...known, elsewhere: c.handover !== undefined, due })
    })
  }

  /** @param personId who was signed in; nobody, where the name was typed */
  enter(id: string, entry: EntryDto, personId: string | null = null): Promise<FittingView> {
    return this.db.write(async (manager) => {
      const again =
        entry.id === undefined ? null : await manager.findOneBy(EntryRow, { fittingId: id, entryId: entry.id })
      // The answer to an earlier try was lost on the way: it is stored already.
      if (again) return toView(await this.find(manager, id))
      const row = await this.findOpen(manager, id)
      await refuseCollision(manager, row, entry)
      await refuseStrangersSlip(manager, row, entry)
      const puts: Put[] = entry.puts
      refuseOtherDay(puts, this.clock.today())
      if (puts.some((p) => p.path[0] === 'handover')) {
        throw new FaultsException('Nothing was saved.', [
          { path: '$.puts', message: 'a fitting is signed through its own call' },
        ])
      }
      return this.append(manager, row, { who: entry.who, personId }, puts, entry.id)
    })
  }

  /** The same, answered shortly. */
  async enterShortly(id: string, entry: EntryDto, personId: string | null = null): Promise<Stored> {
    return storedSince(this.db.read, await this.enter(id, entry, personId), entry.baseSequence)
  }

  /** Takes back the newest entry that has not been taken back yet. */
  undo(id: string, { baseSequence, who }: UndoDto, personId: string | null = null): Promise<FittingView> {
    return this.db.write(async (manager) => {
      const row = await this.findOpen(manager, id)
      if (baseSequence !== row.sequence)
        throw conflict(row, await madeSince(manager, row, { baseSequence, who }, 'undo'))
      const entries = await manager.find(EntryRow, { where: { fittingId: id }, order: { sequence: 'DESC' } })
      const undone = new Set(entries.map((e) => e.undoes))
      const last = entries.find((e) => e.undoes === null && !undone.has(e.sequence) && takeable(e).length > 0)
      if (!last) throw new ConflictException('There is nothing to undo.')
      const changes = takeable(last)
      const reverted = revert(row.current as Case, changes)
      if (!reverted.ok) throw new FaultsException('This entry can no longer be undone.', reverted.error)
      await dropFaultsOf(manager, id, last.at)
      return this.store(manager, row, reverted.value, {
        who,
        personId,
        undoes: last.sequence,
        entryId: null,
        changes: changes.map((c) => ({ path: c.path, from: c.to, to: c.from })).toReversed(),
      })
    })
  }

  /**
   * Signs a fitting that is ready to travel, and closes it.
   * @param dueWhen `asked`: what is due after it is worked out when somebody first asks for it
   * @param signer who was signed in, and who signs with a trainee
   */
  async sign(
    id: string,
    signing: SignDto,
    dueWhen: 'now' | 'asked' = 'now',
    signer: { readonly personId: string | null; readonly secondName?: string } = { personId: null },
  ): Promise<FittingView> {
    const { baseSequence, who, carerName, fitterStrokes, carerStrokes, carerTried, againstAdvice } = signing
    const due = dueWhen === 'now' ? await this.dueAfter(id, baseSequence) : undefined
    return this.db.write(async (manager) => {
      const row = await this.findOpen(manager, id)
      if (baseSequence !== row.sequence)
        throw conflict(row, await madeSince(manager, row, { baseSequence, who }, 'sign'))
      if ((row.current as Case).today !== this.clock.today()) {
        throw new ConflictException('This fitting was judged for another day; judge it for today first.')
      }
      const assessment = assess(row.current as Case)
      if (assessment.verdict === 'ready' && againstAdvice !== undefined) {
        throw new FaultsException('Nothing was signed.', [
          { path: '$.againstAdvice', message: 'this fitting is ready: nobody leaves against advice' },
        ])
      }
      if (assessment.verdict !== 'ready' && againstAdvice === undefined) {
        throw new ConflictException(`Only a fitting that is ready to travel is signed. ${assessment.headline}`)
      }
      await refuseUnfitUnit(manager, row.current as Case, assessment.verdict)
      row.status = 'signed'
      const handover = {
        fitterName: who,
        carerName,
        ...(signer.secondName !== undefined && { secondName: signer.secondName }),
        ...(fitterStrokes !== undefined && { fitterStrokes }),
        ...(carerStrokes !== undefined && { carerStrokes }),
        ...(carerTried !== undefined && { carerTried }),
        ...(againstAdvice !== undefined && {
          againstAdvice: { reason: againstAdvice.reason.trim(), said: againstAdvice.said.trim() },
        }),
        signedAt: this.clock.now(),
      }
      const signed = await this.append(manager, row, { who, personId: signer.personId }, [
        { path: ['handover'], value: handover },
      ])
      await (due === undefined ? awaitDue(manager, id) : keepDue(manager, id, due))
      return signed
    })
  }

  /** What is due after the very state that is signed: of any other, the signature is refused. */
  private async dueAfter(id: string, baseSequence: number): Promise<readonly AheadItem[]> {
    const { sequence, case: seen } = await this.get(id)
    return sequence === baseSequence ? this.workshop.run('due', [seen]) : []
  }

  /** Begins a correction of a signed fitting: all that it says, open again for today; both are kept. */
  revise(id: string): Promise<FittingView> {
    return this.db.write(async (manager) => {
      const row = await this.find(manager, id)
      if (row.status !== 'signed')
        throw new ConflictException('Only a signed fitting is revised; an open one is simply changed.')
      const { handover: _signed, ...current } = row.current as Case
      // What was measured then was measured then: the day goes with it before the day of the case moves on.
      const child = datedChild(current.child, current.today)
      return this.insert(manager, { ...current, child, today: this.clock.today() }, { revises: row.id })
    })
  }

  /** Another colleague goes on with it; who entered what stays as it was. */
  pass(id: string, personId: string): Promise<FittingView> {
    return this.db.write(async (manager) => {
      const row = await this.findOpen(manager, id)
      row.holderId = personId
      await updateFitting(manager, id, { holderId: personId })
      return this.told(row)
    })
  }

  private async find(manager: EntityManager, id: string): Promise<FittingRow> {
    const row = await readFitting(manager, id)
    if (!row) throw new NotFoundException('There is no such fitting.')
    return row
  }

  private async findOpen(manager: EntityManager, id: string): Promise<FittingRow> {
    const row = await this.find(manager, id)
    if (row.status === 'signed') throw new ConflictException('This fitting is signed and closed.')
    return row
  }

  private append(
    manager: EntityManager,
    row: FittingRow,
    by: By,
    puts: readonly Put[],
    entryId: string | null = null,
  ): Promise<FittingView> {
    const today = this.clock.today()
    const current = row.current as Case
    const isAsked = puts.some((p) => p.path[0] === 'today')
    const all = current.today === today || isAsked ? puts : [{ path: ['today'], value: today }, ...puts]
    const applied = applyPuts(current, all, row.sequence + 1)
    if (!applied.ok) throw new FaultsException('Nothing was saved.', applied.error)
    return this.store(manager, row, applied.value.case, {
      ...by,
      changes: applied.value.changed,
      undoes: null,
      entryId,
    })
  }

  private async store(
    manager: EntityManager,
    row: FittingRow,
    next: Case,
    entry: Pick<EntryRow, 'who' | 'personId' | 'undoes' | 'entryId'> & { readonly changes: readonly Changed[] },
  ): Promise<FittingView> {
    const before = row.current as Case
    const textBefore = searchText(before, row)
    const { columns, decidedBy, findings } = judge(next)
    const enteredBefore = row.updatedAt
    // Most entries leave most of what lists show as it was.
    const shown = Object.entries(columns).filter(([column, value]) => row[column as keyof typeof columns] !== value)
    const change = {
      ...Object.fromEntries(shown),
      status: row.status,
      signedAt: next.handover?.signedAt ?? null,
      sequence: row.sequence + 1,
      updatedAt: this.clock.now(),
      fitter: entry.who,
    }
    Object.assign(row, change)
    await updateFitting(manager, row.id, change)
    await insertEntry(manager, {
      fittingId: row.id,
      sequence: row.sequence,
      at: row.updatedAt,
      who: entry.who,
      personId: entry.personId,
      changes: entry.changes,
      undoes: entry.undoes,
      entryId: entry.entryId,
      decidedBy,
    })
    // An entry that takes another back finds nothing wrong: the slip was in the record.
    if (entry.undoes === null) await keepFaults(manager, row, entry.changes, findings)
    await keepStageTime(manager, row.id, entry.changes, enteredBefore, row.updatedAt)
    const text = searchText(next, row)
    if (text !== textBefore) await keepSearch(manager, row.number, text, false)
    await keepChild(manager, before, next, entry.undoes !== null)
    return this.told(row)
  }

  private async insert(
    manager: EntityManager,
    c: Case,
    over: KnownOfFitting & {
      readonly revises?: string
      readonly elsewhere?: boolean
      readonly due?: readonly AheadItem[]
    } = {},
  ): Promise<FittingView> {
    const now = this.clock.now()
    const [{ next }] = (await manager.query(`SELECT coalesce(max("number"), 0) + 1 AS "next" FROM "fitting"`)) as [
      { next: number },
    ]
    const row = manager.create(FittingRow, {
      id: randomUUID(),
      childId: c.child.id,
      createdAt: now,
      updatedAt: now,
      status: c.handover ? 'signed' : 'open',
      signedAt: c.handover?.signedAt ?? null,
      sequence: highestSequence(c),
      revises: over.revises ?? null,
      number: over.number ?? next,
      arrivedInstalled: over.arrivedInstalled ?? false,
      elsewhere: over.elsewhere ?? false,
      fitter: c.handover?.fitterName ?? null,
      ...judge(c).columns,
      initial: c as object,
    } as FittingRow)
    await manager.insert(FittingRow, row as object)
    await keepSearch(manager, row.number, searchText(c, row), true)
    if (c.handover) await keepDue(manager, row.id, over.due ?? [])
    return this.told(row)
  }

  /** Other devices hear of it once it is stored. */
  private told(row: FittingRow): FittingView {
    const { id: fittingId, sequence, status } = row
    this.live.tell({ kind: 'fitting', fittingId, sequence, status })
    return toView(row)
  }
}
