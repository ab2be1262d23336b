import { Injectable, UnauthorizedException } from '@nestjs/common'
import type { Pairing } from '@nimble-anchor/core/formats'
import { Clock } from '../http/clock'
import type { PersonRow } from '../storage/people-entities'
import { hashOf, newToken } from './secrets'
import { Sessions } from './sessions.service'

const PAIRING_MS = 2 * 60_000

/** A phone reads a code off the screen, and whoever showed it is signed in on the phone. Kept in memory alone: after a restart it is shown again. */
@Injectable()
export class Pairings {
  private readonly open = new Map<string, { readonly personId: string; readonly endsAtMs: number }>()
  constructor(
    private readonly clock: Clock,
    private readonly sessions: Sessions,
  ) {}

  /** A new code takes the place of the one before it. */
  begin(personId: string, origin: string): Omit<Pairing, 'isReachable'> {
    for (const [hash, { personId: whose, endsAtMs }] of this.open)
      if (whose === personId || endsAtMs < this.clock.nowMs()) this.open.delete(hash)
    const code = newToken()
    const endsAtMs = this.clock.nowMs() + PAIRING_MS
    this.open.set(hashOf(code), { personId, endsAtMs })
    // Behind the hash: no server and no proxy writes it into a log.
    return { code, url: `${origin}/pair#${code}`, endsAt: new Date(endsAtMs).toISOString() }
  }

  /** @throws 401 where it has been used, or two minutes are over */
  claim(code: string): PersonRow {
    const hash = hashOf(code)
    const found = this.open.get(hash)
    this.open.delete(hash)
    const person = found && found.endsAtMs >= this.clock.nowMs() ? this.sessions.person(found.personId) : undefined
    if (!person?.isActive)
      throw new UnauthorizedException('This code has been used, or its two minutes are over. Show a new one.')
    return person
  }
}
