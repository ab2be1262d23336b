import { ConflictException, Injectable, NotFoundException } from '@nestjs/common'
import type { Role } from '@nimble-anchor/core/formats'
import { Database } from '../../storage/database'
import { PersonRow } from '../../storage/people-entities'
import { refuseTaken } from '../refusals'
import { Sessions } from '../sessions.service'

/** Renames somebody, gives another role, or ends their access. Somebody always keeps the bay. */
@Injectable()
export class ChangePerson {
  constructor(
    private readonly db: Database,
    private readonly sessions: Sessions,
  ) {}

  async run(
    id: string,
    { name, role, isActive }: { readonly name: string; readonly role: Role; readonly isActive: boolean },
  ): Promise<void> {
    await this.db.write(async (manager) => {
      const all = await manager.find(PersonRow)
      if (!all.some((p) => p.id === id)) throw new NotFoundException('There is no such person.')
      const others = all.filter((p) => p.id !== id)
      refuseTaken(others, name)
      const leadsLeft = others.filter((p) => p.role === 'lead' && p.isActive).length
      if (leadsLeft === 0 && (role !== 'lead' || !isActive))
        throw new ConflictException('Somebody must keep the bay: make another person lead first.')
      await manager.update(PersonRow, { id }, { name: name.trim(), role, isActive })
    })
    await this.sessions.reloadPerson(id)
    if (!isActive) await this.sessions.signOutEverywhere(id)
  }
}
