import { type FittingId, Sequence } from '@nimble-anchor/core/ground'
import { randomUUID } from 'node:crypto'
import { ConflictException, Injectable, NotFoundException } from '@nestjs/common'
import { type AheadItem } from '@nimble-anchor/core/ahead'
import { applyPuts, highestSequence, type Case, type Changed, type Put } from '@nimble-anchor/core/casefile'
import { type FittingView } from '@nimble-anchor/core/formats'
import { putsForRide, rideFor } from '@nimble-anchor/core/ride'
import type { EntityManager } from 'typeorm'
import { Clock } from '../http/clock'
import { FaultsException } from '../http/faults'
import { Live } from '../live/live.service'
import type { By } from '../people/caller'
import { project } from '../projections/index'
import { searchText } from '../projections/search'
import { FittingRow, type EntryRow } from '../storage/entities'
import { insertEntry, readFitting, updateFitting } from '../storage/statements'
import { judge, toView } from './fitting-views'
import { memberOf, rideOf } from './ride-of'

/** What is known of a fitting that begins, beside its case. */
export interface Beginning {
  readonly arrivedInstalled?: boolean
  /** Its running number, where it is not the next. */
  readonly number?: number
  readonly revises?: string
  /** It was signed on another server. */
  readonly elsewhere?: boolean
  readonly due?: readonly AheadItem[]
}
interface Entry extends By {
  readonly changes: readonly Changed[]
  readonly entryId?: string | null
  readonly takesBack?: Pick<EntryRow, 'sequence' | 'enteredAt'>
  readonly due?: readonly AheadItem[] | 'asked' | undefined
  /** It says what the others of a ride are like: they need not be told of it. */
  readonly isOfRide?: boolean
  /** Told what is stored of it, for whoever answers with that alone. */
  readonly onChanges?: (changes: readonly Changed[]) => void
}

/**
 * Where a fitting begins and where each entry of it is stored, whichever command
 * gives it: the entry, how the fitting stands and is judged after it, and what is
 * kept beside it, in one unit of work. Decides nothing itself: core does.
 */
@Injectable()
export class Ledger {
  constructor(
    private readonly clock: Clock,
    private readonly live: Live,
  ) {}

  /** @throws NotFoundException */
  async find(manager: EntityManager, id: FittingId): Promise<FittingRow> {
    const row = await readFitting(manager, id)
    if (!row) throw new NotFoundException('There is no such fitting.')
    return row
  }

  /** @throws NotFoundException, and ConflictException of one that is signed */
  async findOpen(manager: EntityManager, id: FittingId): Promise<FittingRow> {
    const row = await this.find(manager, id)
    if (row.status === 'signed') throw new ConflictException('This fitting is signed and closed.')
    return row
  }

  async begin(manager: EntityManager, c: Case, over: Beginning = {}): Promise<FittingView> {
    const now = this.clock.now()
    const [{ next }] = (await manager.query(`SELECT coalesce(max("number"), 0) + 1 AS "next" FROM "fitting"`)) as [
      { next: number },
    ]
    const { columns, refusals } = judge(c)
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
      ...columns,
      initial: c as object,
    } as FittingRow)
    await manager.insert(FittingRow, row as object)
    const due = c.handover ? (over.due ?? []) : undefined
    await project({ manager, row, next: c, refusals, before: undefined, entry: undefined, due })
    return this.told(row)
  }

  /** What an entry puts becomes how the fitting stands: all of it, or a fault that names what does not fit. */
  append(
    manager: EntityManager,
    row: FittingRow,
    puts: readonly Put[],
    by: Omit<Entry, 'changes' | 'takesBack'>,
  ): Promise<FittingView> {
    const today = this.clock.today()
    const current = row.current as Case
    const isAsked = puts.some((p) => p.path[0] === 'today')
    const all = current.today === today || isAsked ? puts : [{ path: ['today'], value: today }, ...puts]
    const applied = applyPuts(current, all, Sequence(row.sequence + 1))
    if (!applied.ok) throw new FaultsException('Nothing was saved.', applied.error)
    return this.store(manager, row, applied.value.case, { ...by, changes: applied.value.changed })
  }

  async store(manager: EntityManager, row: FittingRow, next: Case, entry: Entry): Promise<FittingView> {
    const current = row.current as Case
    const before = { case: current, updatedAt: row.updatedAt, searchText: searchText(current, row) }
    const { columns, decidedBy, refusals } = judge(next)
    // Most entries leave most of what lists show as it was.
    const shown = Object.entries(columns).filter(([column, value]) => row[column as keyof typeof columns] !== value)
    const change = {
      ...Object.fromEntries(shown),
      status: next.handover ? ('signed' as const) : row.status,
      signedAt: next.handover?.signedAt ?? null,
      sequence: Sequence(row.sequence + 1),
      updatedAt: this.clock.now(),
      fitter: entry.who,
    }
    Object.assign(row, change)
    await updateFitting(manager, row.id, change)
    await insertEntry(manager, {
      fittingId: row.id,
      sequence: row.sequence,
      enteredAt: row.updatedAt,
      who: entry.who,
      personId: entry.personId,
      changes: entry.changes,
      undoes: entry.takesBack?.sequence ?? null,
      entryId: entry.entryId ?? null,
      decidedBy,
    })
    const { changes, takesBack, due } = entry
    entry.onChanges?.(changes)
    await project({ manager, row, next, refusals, before, entry: { changes, takesBack }, due })
    const view = this.told(row)
    return entry.isOfRide === true ? view : ((await this.tellRide(manager, row, entry)) ?? view)
  }

  /**
   * Writes into every open fitting of its ride what the others are like now, where
   * that has changed: what was looked at beside them is then in doubt.
   *
   * @returns the fitting itself, where it had to be told too: in another car it has others beside it
   */
  async tellRide(manager: EntityManager, row: FittingRow, { who, personId }: By): Promise<FittingView | undefined> {
    const ride = await rideOf(manager, row.id)
    if (ride === undefined) return undefined
    // As it stands after this entry, which is not what was read of it before.
    const rows = ride.rows.map((r) => (r.id === row.id ? row : r))
    const members = rows.map(memberOf)
    let own: FittingView | undefined
    for (const other of rows) {
      if (other.status === 'signed') continue
      const { adults, installing } = ride.body
      const puts = putsForRide(other.current as Case, rideFor(ride.id, memberOf(other), members, adults, installing))
      if (puts.length === 0) continue
      const told = await this.append(manager, other, puts, { who, personId, isOfRide: true })
      if (other === row) own = told
    }
    return own
  }

  /** Other devices hear of it once it is stored. */
  told(row: FittingRow): FittingView {
    const { id: fittingId, sequence, status } = row
    this.live.tell({ kind: 'fitting', fittingId, sequence, status })
    return toView(row)
  }
}
