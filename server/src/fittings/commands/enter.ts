import { type FittingId } from '@nimble-anchor/core/ground'
import { Injectable } from '@nestjs/common'
import { type Changed } from '@nimble-anchor/core/casefile'
import { type FittingView, type Stored } from '@nimble-anchor/core/formats'
import { Clock } from '../../http/clock'
import { Database } from '../../storage/database'
import { isEntered } from '../../storage/statements'
import { refuseCollision } from '../collisions'
import type { EntryDto } from '../dto'
import { toView } from '../fitting-views'
import { Ledger } from '../ledger'
import { refuseEntry } from '../refusals'
import { storedSince } from '../since'

/** Puts values into an open fitting: all of them or none, each entry once. */
@Injectable()
export class EnterFitting {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly ledger: Ledger,
  ) {}

  /** @param personId who was signed in; nobody, where the name was typed */
  run(
    id: FittingId,
    entry: EntryDto,
    personId: string | null = null,
    onChanges?: (changes: readonly Changed[]) => void,
  ): Promise<FittingView> {
    const { id: entryId = null, who, puts } = entry
    return this.db.write(async (manager) => {
      // The answer to an earlier try was lost on the way: it is stored already.
      if (entryId !== null && (await isEntered(manager, id, entryId)))
        return toView(await this.ledger.find(manager, id))
      const row = await this.ledger.findOpen(manager, id)
      await refuseCollision(manager, row, entry)
      await refuseEntry(manager, row, entry, this.clock.today())
      return this.ledger.append(manager, row, puts, { who, personId, entryId, ...(onChanges && { onChanges }) })
    })
  }

  /** The same, answered shortly. */
  async shortly(id: FittingId, entry: EntryDto, personId: string | null = null): Promise<Stored> {
    let changes: readonly Changed[] | undefined
    const view = await this.run(id, entry, personId, (stored) => (changes = stored))
    const { sequence, status, updatedAt } = view
    // Nothing came in between, as nearly always: what was just stored need not be asked for.
    if (changes && sequence === entry.baseSequence + 1)
      return { id, status, sequence, updatedAt, entries: [{ sequence, id: entry.id ?? null, changes }] }
    return storedSince(this.db.read, view, entry.baseSequence)
  }
}
