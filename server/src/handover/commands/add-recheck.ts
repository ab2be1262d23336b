import { type FittingId } from '@nimble-anchor/core/ground'
import { randomUUID } from 'node:crypto'
import { ConflictException, Injectable, NotFoundException } from '@nestjs/common'
import type { Case } from '@nimble-anchor/core/casefile'
import type { RecheckView } from '@nimble-anchor/core/formats'
import { fittedSubject } from '@nimble-anchor/core/match'
import { judgeRecheck, recheckList, type RecheckAnswer } from '@nimble-anchor/core/procedure'
import { Ledger } from '../../fittings/ledger'
import { Clock } from '../../http/clock'
import { FaultsException } from '../../http/faults'
import { Database } from '../../storage/database'
import { RecheckRow } from '../../storage/entities'

/** Stores what a carer found when looking at a signed installation again. */
@Injectable()
export class AddRecheck {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly ledger: Ledger,
  ) {}

  /** @param most how many answers there may be of the fitting, with this one */
  run(
    fittingId: FittingId,
    who: string,
    answers: Readonly<Record<string, RecheckAnswer>>,
    most = Infinity,
  ): Promise<RecheckView> {
    return this.db.write(async (manager) => {
      const { current, status } = await this.ledger.find(manager, fittingId)
      const c = current as Case
      if (status !== 'signed') throw new ConflictException('Only a signed fitting is re-checked by its carer.')
      if (c.handover?.againstAdvice !== undefined)
        throw new ConflictException('This fitting was not ready when the family left: it is fitted anew, not re-checked.') // prettier-ignore
      if (most < Infinity && (await manager.countBy(RecheckRow, { fittingId })) >= most)
        throw new NotFoundException('This link has been answered often enough: ask your fitter.')
      const subject = fittedSubject(c)
      const items = subject ? recheckList(subject) : []
      const unknown = Object.keys(answers).find((id) => !items.some((i) => i.id === id))
      if (unknown !== undefined)
        throw new FaultsException('Nothing was saved.', [{ path: `$.answers.${unknown}`, message: 'is not asked of this fitting' }]) // prettier-ignore
      const row: RecheckView = {
        id: randomUUID(),
        fittingId,
        answeredAt: this.clock.now(),
        who,
        kind: judgeRecheck(items, answers).kind,
        items,
        answers,
      }
      await manager.insert(RecheckRow, row as object)
      return row
    })
  }
}
