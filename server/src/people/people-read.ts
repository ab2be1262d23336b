import { Injectable } from '@nestjs/common'
import type { Colleague, PersonView } from '@nimble-anchor/core/formats'
import { Database } from '../storage/database'
import { Sessions } from './sessions.service'

/** Who works at the bay. */
@Injectable()
export class PeopleRead {
  constructor(
    private readonly db: Database,
    private readonly sessions: Sessions,
  ) {}

  async list(): Promise<readonly PersonView[]> {
    const counts = (await this.db.read.query(`SELECT "personId", count(*) AS "n" FROM "passkey" GROUP BY "personId"`)) as { personId: string; n: number }[] // prettier-ignore
    return this.sessions
      .everybody()
      .map(({ id, name, role, isActive, pin, createdAt, seenAt }) => ({
        id,
        name,
        role,
        isActive,
        hasPin: pin !== null,
        passkeys: counts.find((c) => c.personId === id)?.n ?? 0,
        createdAt,
        seenAt,
      }))
      .toSorted((a, b) => a.name.localeCompare(b.name))
  }

  colleagues(): readonly Colleague[] {
    return this.sessions
      .everybody()
      .filter((p) => p.isActive)
      .map(({ id, name, role }) => ({ id, name, role }))
      .toSorted((a, b) => a.name.localeCompare(b.name))
  }
}
