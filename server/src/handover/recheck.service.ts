import { randomUUID } from 'node:crypto'
import { ConflictException, Injectable } from '@nestjs/common'
import { type RecheckView } from '@nimble-anchor/core/formats'
import { fittedSubject } from '@nimble-anchor/core/match'
import { judgeRecheck, recheckList, type RecheckAnswer } from '@nimble-anchor/core/procedure'
import { FaultsException } from '../http/faults'
import { Clock } from '../http/clock'
import { FittingsRead } from '../fittings/fittings-read'
import { Database } from '../storage/database'
import { RecheckRow } from '../storage/entities'

export const toRecheck = ({ id, fittingId, at, who, kind, items, answers }: RecheckView): RecheckView => ({ id, fittingId, at, who, kind, items, answers }) // prettier-ignore

/** The carer looks at a signed installation again. */
@Injectable()
export class RecheckService {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly fittings: FittingsRead,
  ) {}

  async list(fittingId: string): Promise<readonly RecheckView[]> {
    await this.fittings.get(fittingId)
    return (await this.db.read.find(RecheckRow, { where: { fittingId }, order: { at: 'DESC' } })).map(toRecheck)
  }

  async add(fittingId: string, who: string, answers: Readonly<Record<string, RecheckAnswer>>): Promise<RecheckView> {
    const { case: c, status } = await this.fittings.get(fittingId)
    if (status !== 'signed') throw new ConflictException('Only a signed fitting is re-checked by its carer.')
    if (c.handover?.againstAdvice !== undefined)
      throw new ConflictException('This fitting was not ready when the family left: it is fitted anew, not re-checked.')
    const subject = fittedSubject(c)
    const items = subject ? recheckList(subject) : []
    const unknown = Object.keys(answers).find((id) => !items.some((i) => i.id === id))
    if (unknown !== undefined)
      throw new FaultsException('Nothing was saved.', [{ path: `$.answers.${unknown}`, message: 'is not asked of this fitting' }]) // prettier-ignore
    const row: RecheckView = {
      id: randomUUID(),
      fittingId,
      at: this.clock.now(),
      who,
      kind: judgeRecheck(items, answers).kind,
      items,
      answers,
    }
    await this.db.write((manager) => manager.insert(RecheckRow, row as object))
    return row
  }
}
