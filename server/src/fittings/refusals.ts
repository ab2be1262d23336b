import { ConflictException } from '@nestjs/common'
import {
  aheadFaults,
  isSlip,
  putFaults,
  slipFault,
  type Case,
  type Changed,
  type Put,
} from '@nimble-anchor/core/casefile'
import { type Fault, type IsoDate, type Sequence } from '@nimble-anchor/core/ground'

import { type RestraintUnit } from '@nimble-anchor/core/restraint'
import { assess, type Verdict } from '@nimble-anchor/core/verdict'
import { In, type EntityManager } from 'typeorm'
import { FaultsException } from '../http/faults'
import { EntryRow, FittingRow, UnitRow, VisitRow } from '../storage/entities'
import { conflict } from './collisions'

/** What no entry, undo or signature may do, whoever asks. */

/**
 * A visit has one fitting, however many devices begin it, and is of the child that it was booked for.
 * @param childId whom it is begun for; nobody, of a child who is not known yet
 * @throws 409, with the fitting where one was begun
 */
export async function refuseBegun(manager: EntityManager, visitId: string, childId: string | undefined): Promise<void> {
  const visit = await manager.findOneBy(VisitRow, { id: visitId })
  if (!visit)
    throw new FaultsException('The fitting was not created.', [
      { path: '$.visitId', message: 'is not known: the visit was taken off the queue' },
    ])
  const begun = visit.fittingId === null ? null : await manager.findOneBy(FittingRow, { id: visit.fittingId })
  if (begun) throw conflict(begun, `${begun.childName} was begun for this visit already: open it from the queue.`)
  // Joined to a child on another device meanwhile: nobody's visit is given to another without a word.
  if (visit.childId !== null && visit.childId !== childId)
    throw new ConflictException('This visit is of another child by now: look at the queue again.')
}

const refuse = (message: string, faults: readonly Fault[]): void => {
  if (faults.length > 0) throw new FaultsException(message, faults)
}

/** What core says that no entry may do. @throws FaultsException */
export async function refuseEntry(
  manager: EntityManager,
  row: FittingRow,
  entry: { readonly who: string; readonly baseSequence: Sequence; readonly puts: readonly Put[] },
  today: IsoDate,
): Promise<void> {
  // Asked of the entries only where it matters.
  const last = entry.puts.some(isSlip)
    ? await manager.findOneBy(EntryRow, { fittingId: row.id, sequence: row.sequence })
    : null
  const slip = slipFault(
    entry,
    last ? { ...last, isUndo: last.undoes !== null, changes: last.changes as Changed[] } : undefined,
  )
  refuse('Nothing was saved.', slip ? [slip] : putFaults(entry.puts, today))
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

/** @throws FaultsException for a case file that would take no entry again */
export const refuseAhead = (c: Case, today: IsoDate): void => refuse('No fitting was created.', aheadFaults(c, today))
