import { Inject, Injectable } from '@nestjs/common'
import { FaultsException } from '../../http/faults'
import { Database } from '../../storage/database'
import { PersonRow } from '../../storage/people-entities'
import { isPlainPin } from '../refusals'
import { COST, keepSecret } from '../secrets'
import { Sessions } from '../sessions.service'
import { SlowDown } from '../slow-down'

/** A PIN for a device that somebody has signed in on, or none any more. */
@Injectable()
export class SetPin {
  constructor(
    private readonly db: Database,
    private readonly sessions: Sessions,
    private readonly slow: SlowDown,
    @Inject(COST) private readonly cost: number,
  ) {}

  async run(id: string, pin: string | null): Promise<void> {
    if (pin !== null && isPlainPin(pin))
      throw new FaultsException('The PIN was not set.', [{ path: '$.pin', message: 'is one of the first that anybody tries' }]) // prettier-ignore
    const kept = pin === null ? null : await this.slow.alone(() => keepSecret(pin, this.cost))
    await this.db.write((manager) => manager.update(PersonRow, { id }, { pin: kept }))
    await this.sessions.reloadPerson(id)
  }
}
