import { ConflictException } from '@nestjs/common'
import { assess, type Case, type Changed, type IsoDate, type Put, type RestraintUnit } from '@nimble-anchor/core'
import type { EntityManager } from 'typeorm'
import { FaultsException } from '../http/faults'
import { UnitRow, type EntryRow } from '../storage/entities'

/** What no entry, undo or signature may do, whoever asks. */

/**
 * What undoing takes back of an entry: all but the day, which passes whatever
 * anybody enters, and what is known of units, which jobs on them say.
 */
export const takeable = (entry: EntryRow): Changed[] =>
  (entry.changes as Changed[]).filter((c) => c.path[0] !== 'today' && c.path[0] !== 'units')

/** The day is the clock's, never the writer's: a verdict for another day is nobody's to ask for. */
export function refuseOtherDay(puts: readonly Put[], today: IsoDate): void {
  const i = puts.findIndex((p) => p.path[0] === 'today' && p.value !== today)
  if (i >= 0) {
    throw new FaultsException('Nothing was saved.', [
      { path: `$.puts[${i}].value`, message: `must be ${today}, the day on which it is judged` },
    ])
  }
}

/** A fitting keeps its own copy of the unit; what the shelf knows of it by now counts when it is signed. */
export async function refuseUnfitUnit(manager: EntityManager, c: Case): Promise<void> {
  const unit = await manager.findOneBy(UnitRow, { id: c.choice.unitId ?? '' })
  if (!unit) return
  const units = (c.units ?? []).map((u) => (u.id === unit.id ? (unit.body as RestraintUnit) : u))
  const { verdict, headline } = assess({ ...c, units })
  if (verdict !== 'ready')
    throw new ConflictException(`The shelf says otherwise of this unit by now: ${headline} Choose it anew.`)
}
