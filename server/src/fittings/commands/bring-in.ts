import { Injectable } from '@nestjs/common'
import { caseSchema, upgradeCase } from '@nimble-anchor/core/casefile'
import { type FittingView } from '@nimble-anchor/core/formats'
import { parseWith } from '@nimble-anchor/core/ground'
import { Clock } from '../../http/clock'
import { FaultsException } from '../../http/faults'
import { Database } from '../../storage/database'
import { Workshop } from '../../work/workshop'
import { onItsChild, type ChildOfFile } from '../child-of-file'
import { Ledger, type Beginning } from '../ledger'
import { refuseAhead } from '../refusals'

/**
 * A case file becomes a fitting; exporting it gives back the same file. One
 * that says it is signed was signed elsewhere: it comes in closed, marked so,
 * and judged anew.
 */
@Injectable()
export class BringInFitting {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly workshop: Workshop,
    private readonly ledger: Ledger,
  ) {}

  async run(
    data: unknown,
    child?: ChildOfFile,
    known: Pick<Beginning, 'arrivedInstalled' | 'number'> = {},
  ): Promise<FittingView> {
    const parsed = parseWith(caseSchema, upgradeCase(data))
    if (!parsed.ok) throw new FaultsException('The case file is not valid; no fitting was created.', parsed.error)
    refuseAhead(parsed.value, this.clock.today())
    const due = parsed.value.handover ? await this.workshop.run('due', [parsed.value]) : []
    return this.db.write(async (manager) => {
      const c = await onItsChild(manager, parsed.value, child)
      return this.ledger.begin(manager, c, { ...known, elsewhere: c.handover !== undefined, due })
    })
  }
}
