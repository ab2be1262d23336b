import { type FittingId } from '@nimble-anchor/core/ground'
import { ConflictException, Injectable } from '@nestjs/common'
import { revert, takeable, type Case, type Changed } from '@nimble-anchor/core/casefile'
import { type FittingView } from '@nimble-anchor/core/formats'
import { FaultsException } from '../../http/faults'
import { Database } from '../../storage/database'
import { EntryRow } from '../../storage/entities'
import { refuseUnseenEntries } from '../collisions'
import type { UndoDto } from '../dto'
import { Ledger } from '../ledger'

/** Takes back the newest entry that has not been taken back yet. */
@Injectable()
export class UndoEntry {
  constructor(
    private readonly db: Database,
    private readonly ledger: Ledger,
  ) {}

  run(id: FittingId, { baseSequence, who }: UndoDto, personId: string | null = null): Promise<FittingView> {
    return this.db.write(async (manager) => {
      const row = await this.ledger.findOpen(manager, id)
      await refuseUnseenEntries(manager, row, { baseSequence, who }, 'undo')
      const entries = await manager.find(EntryRow, { where: { fittingId: id }, order: { sequence: 'DESC' } })
      const undone = new Set(entries.map((e) => e.undoes))
      const last = entries.find(
        (e) => e.undoes === null && !undone.has(e.sequence) && takeable(e.changes as Changed[]).length > 0,
      )
      if (!last) throw new ConflictException('There is nothing to undo.')
      const changes = takeable(last.changes as Changed[])
      const reverted = revert(row.current as Case, changes)
      if (!reverted.ok) throw new FaultsException('This entry can no longer be undone.', reverted.error)
      return this.ledger.store(manager, row, reverted.value, {
        who,
        personId,
        changes: changes.map((c) => ({ path: c.path, from: c.to, to: c.from })).toReversed(),
        takesBack: last,
      })
    })
  }
}
