import { ConflictException } from '@nestjs/common'
import { highestSequence, upgradeChanges, type Case, type Changed, type Put } from '@nimble-anchor/core/casefile'
import { type Fault } from '@nimble-anchor/core/ground'
import { type IsoDate } from '@nimble-anchor/core/quantities'
import { type RestraintUnit } from '@nimble-anchor/core/restraint'
import { assess, type Verdict } from '@nimble-anchor/core/verdict'
import { In, type EntityManager } from 'typeorm'
import { FaultsException } from '../http/faults'
import { EntryRow, FittingRow, UnitRow, VisitRow } from '../storage/entities'
import { conflict } from './collisions'

/** What no entry, undo or signature may do, whoever asks. */

/** The day written on a measure as the day of the case moved on: nothing that anybody entered. */
function isDating({ path, from, to }: Changed): boolean {
  if (path[0] !== 'child' || typeof from !== 'object' || from === null || typeof to !== 'object' || to === null)
    return false
  const { on, ...rest } = to as { readonly on?: unknown }
  return on !== undefined && !('on' in from) && JSON.stringify(rest) === JSON.stringify(from)
}

/**
 * What undoing takes back of an entry: all but the day, which passes whatever
 * anybody enters (and is then written on what was measured before it), and what
 * is known of units, which jobs on them say.
 */
export const takeable = (entry: EntryRow): Changed[] => {
  const changes = entry.changes as Changed[]
  const movesOn = changes.some((c) => c.path[0] === 'today')
  return [...upgradeChanges(changes)].filter(
    (c) => c.path[0] !== 'today' && c.path[0] !== 'units' && !(movesOn && isDating(c)),
  )
}

/** A visit has one fitting, however many devices begin it. @throws 409 with the fitting that was begun */
export async function refuseBegun(manager: EntityManager, visitId: string): Promise<void> {
  const visit = await manager.findOneBy(VisitRow, { id: visitId })
  if (!visit)
    throw new FaultsException('The fitting was not created.', [
      { path: '$.visitId', message: 'is not known: the visit was taken off the queue' },
    ])
  const begun = visit.fittingId === null ? null : await manager.findOneBy(FittingRow, { id: visit.fittingId })
  if (begun) throw conflict(begun, `${begun.childName} was begun for this visit already: open it from the queue.`)
}

/** A slip of the finger is put right by the one who made it, with nothing entered since; from anybody else it is a new look. */
export async function refuseStrangersSlip(
  manager: EntityManager,
  row: FittingRow,
  entry: { readonly who: string; readonly baseSequence: number; readonly puts: readonly Put[] },
): Promise<void> {
  const i = entry.puts.findIndex(
    (p) => p.path[0] === 'readings' && (p.value as { slip?: unknown } | null)?.slip !== undefined,
  )
  if (i < 0) return
  const last = await manager.findOneBy(EntryRow, { fittingId: row.id, sequence: row.sequence })
  const put = entry.puts[i] as Put
  const isOwn =
    last !== null &&
    last.who === entry.who &&
    last.undoes === null &&
    entry.baseSequence === row.sequence &&
    (last.changes as Changed[]).some((c) => c.path.join('/') === put.path.join('/'))
  if (!isOwn)
    throw new FaultsException('Nothing was saved.', [
      { path: `$.puts[${i}].value.slip`, message: 'only the last entry, by the same person, is put right as a slip' },
    ])
}

/** The day is the clock's, never the writer's: a verdict for another day is nobody's to ask for. */
export function refuseOtherDay(puts: readonly Put[], today: IsoDate): void {
  const i = puts.findIndex((p) => p.path[0] === 'today' && p.value !== today)
  if (i >= 0) {
    throw new FaultsException('Nothing was saved.', [
      { path: `$.puts[${i}].value`, message: `must be ${today}, the day on which it is judged` },
    ])
  }
}

const seenHere = ({ harness, direction }: RestraintUnit): Partial<RestraintUnit> => ({
  ...(harness && { harness }),
  ...(direction && { direction }),
})

/** A fitting keeps its own copy of the unit; what the shelf knows of it by now counts when it is signed. */
export async function refuseUnfitUnit(manager: EntityManager, c: Case, judged: Verdict): Promise<void> {
  const chosen = [c.choice.unitId, c.choice.baseUnitId].filter((id) => id !== undefined)
  const shelf = await manager.findBy(UnitRow, { id: In(chosen) })
  if (shelf.length === 0) return
  const units = (c.units ?? []).map((u) => {
    const known = shelf.find((row) => row.id === u.id)?.body as RestraintUnit | undefined
    // How it stands was looked at here, where the shelf has never been told.
    return known ? { ...seenHere(u), ...known } : u
  })
  const { verdict, headline } = assess({ ...c, units })
  if (verdict !== judged)
    throw new ConflictException(`The shelf says otherwise of this unit by now: ${headline} Choose it anew.`)
}

/** An order of entry that comes in leaves as much room again for entries: no hand makes half as many. */
const MOST_ENTRIES_IN_FILE = 500_000

/** A case file of a day that has not come yet, or at the end of the order of entry, would take no entry again. */
export function refuseAhead(c: Case, today: IsoDate): void {
  const faults: Fault[] = []
  if (c.today > today) faults.push({ path: '$.today', message: `must not be after ${today}` })
  if (c.handover !== undefined && c.handover.signedAt.slice(0, 10) > today)
    faults.push({ path: '$.handover.signedAt', message: `must not be after ${today}` })
  if (highestSequence(c) > MOST_ENTRIES_IN_FILE)
    faults.push({ path: '$.choice.at', message: `no entry of a file may be later than ${MOST_ENTRIES_IN_FILE}` })
  if (faults.length > 0) throw new FaultsException('No fitting was created.', faults)
}
