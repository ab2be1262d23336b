import { Inject, Injectable, NotFoundException } from '@nestjs/common'
import { Database } from '../../storage/database'
import { PersonRow } from '../../storage/people-entities'
import { refuseWeak } from '../refusals'
import { COST, keepSecret } from '../secrets'
import { Sessions } from '../sessions.service'
import { SlowDown } from '../slow-down'

/** A new password signs out everywhere but where it was given. */
@Injectable()
export class SetPassword {
  constructor(
    private readonly db: Database,
    private readonly sessions: Sessions,
    private readonly slow: SlowDown,
    @Inject(COST) private readonly cost: number,
  ) {}

  async run(id: string, password: string, butDeviceId?: string): Promise<void> {
    const person = this.sessions.person(id)
    if (!person) throw new NotFoundException('There is no such person.')
    refuseWeak(password, person.name)
    const kept = await this.slow.alone(() => keepSecret(password, this.cost))
    await this.db.write((manager) => manager.update(PersonRow, { id }, { password: kept }))
    await this.sessions.reloadPerson(id)
    await this.sessions.signOutEverywhere(id, butDeviceId)
  }
}
