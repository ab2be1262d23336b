import { randomUUID } from 'node:crypto'
import { ForbiddenException, Inject, Injectable } from '@nestjs/common'
import type { Role } from '@nimble-anchor/core/formats'
import { Clock } from '../../http/clock'
import { FaultsException } from '../../http/faults'
import { Database } from '../../storage/database'
import { PersonRow } from '../../storage/people-entities'
import { renewCodes } from '../recovery-codes'
import { refuseTaken, refuseWeak } from '../refusals'
import { COST, keepSecret } from '../secrets'
import { Sessions } from '../sessions.service'
import { SlowDown } from '../slow-down'

interface NewPerson {
  readonly name: string
  readonly role: Role
  readonly password: string
}
/** Codes are told this once. */
interface Added {
  readonly person: PersonRow
  readonly recoveryCodes: readonly string[]
}

/** Adds a person; the first keeps the bay. */
@Injectable()
export class AddPerson {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly sessions: Sessions,
    private readonly slow: SlowDown,
    @Inject(COST) private readonly cost: number,
  ) {}

  /** @param isFirst nobody is there yet: whoever is made keeps the bay, and nobody else was first */
  async run({ name, role, password }: NewPerson, isFirst: boolean): Promise<Added> {
    refuseWeak(password, name)
    if (isFirst && role !== 'lead')
      throw new FaultsException('Nobody was added.', [{ path: '$.role', message: 'must be lead: the first person keeps the bay' }]) // prettier-ignore
    const kept = await this.slow.alone(() => keepSecret(password, this.cost))
    const person: PersonRow = { id: randomUUID(), name: name.trim(), role, isActive: true, password: kept, pin: null, createdAt: this.clock.now(), seenAt: null } // prettier-ignore
    const recoveryCodes = await this.db.write(async (manager) => {
      const all = await manager.find(PersonRow, { select: { name: true } })
      if (isFirst && all.length > 0) throw new ForbiddenException('Somebody was first: sign in.')
      refuseTaken(all, person.name)
      await manager.insert(PersonRow, person as object)
      return renewCodes(manager, person.id)
    })
    await this.sessions.reloadPerson(person.id)
    return { person, recoveryCodes }
  }
}
