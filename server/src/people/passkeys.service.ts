import { randomUUID } from 'node:crypto'
import { ConflictException, Injectable, UnauthorizedException } from '@nestjs/common'
import type { PasskeyView } from '@nimble-anchor/core/formats'
import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
  type AuthenticationResponseJSON,
  type AuthenticatorTransport,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
  type RegistrationResponseJSON,
} from '@simplewebauthn/server'
import { Clock } from '../http/clock'
import { Database } from '../storage/database'
import { PasskeyRow, type PersonRow } from '../storage/people-entities'
import { Sessions } from './sessions.service'

/** Where a passkey is used: the name it belongs to, and the page it is asked on. */
export interface Place {
  readonly name: string
  readonly origin: string
}

const CHALLENGE_MS = 2 * 60_000
const MOST_CHALLENGES = 1000
const MOST_PASSKEYS = 20

interface Challenge {
  readonly challenge: string
  readonly endsAtMs: number
  /** Whose it is, where it is known who is asked. */
  readonly personId: string | undefined
}

/** Passkeys: a device proves that its owner unlocked it; no secret leaves it. */
@Injectable()
export class Passkeys {
  /** Asked, and not answered yet; each may be answered once. */
  private readonly asked = new Map<string, Challenge>()

  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly sessions: Sessions,
  ) {}

  async list(personId: string): Promise<readonly PasskeyView[]> {
    const rows = await this.db.read.find(PasskeyRow, { where: { personId }, order: { createdAt: 'ASC' } })
    return rows.map(({ id, label, createdAt, usedAt }) => ({ id, label, createdAt, usedAt }))
  }

  async beginNew(
    person: PersonRow,
    place: Place,
  ): Promise<{ readonly handle: string; readonly options: PublicKeyCredentialCreationOptionsJSON }> {
    const known = await this.db.read.findBy(PasskeyRow, { personId: person.id })
    if (known.length >= MOST_PASSKEYS)
      throw new ConflictException(`No more than ${MOST_PASSKEYS} passkeys: take one away first.`)
    const options = await generateRegistrationOptions({
      rpName: 'Nimble Anchor',
      rpID: place.name,
      userName: person.name,
      userID: new TextEncoder().encode(person.id),
      attestationType: 'none',
      excludeCredentials: known.map(({ id }) => ({ id })),
      authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
    })
    return { handle: this.keep(options.challenge, person.id), options }
  }

  async finishNew(person: PersonRow, handle: string, response: unknown, label: string, place: Place): Promise<void> {
    const challenge = this.take(handle, person.id)
    const { verified, registrationInfo } = await verifyRegistrationResponse({
      response: response as RegistrationResponseJSON,
      expectedChallenge: challenge,
      expectedOrigin: place.origin,
      expectedRPID: place.name,
      requireUserVerification: true,
    }).catch(() => ({ verified: false as const, registrationInfo: undefined }))
    if (!verified || !registrationInfo) throw new UnauthorizedException('The passkey could not be read. Try again.')
    const { id, publicKey, counter, transports } = registrationInfo.credential
    await this.db.write((manager) =>
      manager.insert(PasskeyRow, {
        id,
        personId: person.id,
        publicKey: Buffer.from(publicKey).toString('base64url'),
        counter,
        transports: [...(transports ?? [])],
        label,
        createdAt: this.clock.now(),
        usedAt: null,
      } as object),
    )
  }

  async remove(personId: string, id: string): Promise<void> {
    await this.db.write((manager) => manager.delete(PasskeyRow, { id, personId }))
  }

  /** @param personId only theirs will do: asked again of whoever is signed in */
  async begin(
    place: Place,
    personId?: string,
  ): Promise<{ readonly handle: string; readonly options: PublicKeyCredentialRequestOptionsJSON }> {
    const theirs = personId === undefined ? [] : await this.db.read.findBy(PasskeyRow, { personId })
    const options = await generateAuthenticationOptions({
      rpID: place.name,
      userVerification: 'required',
      ...(theirs.length > 0 && {
        allowCredentials: theirs.map(({ id, transports }) => ({
          id,
          transports: transports as AuthenticatorTransport[],
        })),
      }),
    })
    return { handle: this.keep(options.challenge, personId), options }
  }

  /** Whose passkey it was. @throws 401 */
  async finish(handle: string, response: unknown, place: Place, personId?: string): Promise<PersonRow> {
    const challenge = this.take(handle, personId)
    const refused = (): UnauthorizedException => new UnauthorizedException('That passkey is not known here.')
    const id = (response as { readonly id?: unknown } | null)?.id
    const row = typeof id === 'string' ? await this.db.read.findOneBy(PasskeyRow, { id }) : null
    const person = row ? this.sessions.person(row.personId) : undefined
    if (!row || !person?.isActive || (personId !== undefined && person.id !== personId)) throw refused()
    const { verified, authenticationInfo } = await verifyAuthenticationResponse({
      response: response as AuthenticationResponseJSON,
      expectedChallenge: challenge,
      expectedOrigin: place.origin,
      expectedRPID: place.name,
      requireUserVerification: true,
      credential: {
        id: row.id,
        publicKey: new Uint8Array(Buffer.from(row.publicKey, 'base64url')),
        counter: row.counter,
        transports: row.transports as AuthenticatorTransport[],
      },
    }).catch(() => ({ verified: false as const, authenticationInfo: undefined }))
    if (!verified || !authenticationInfo) throw refused()
    await this.db.write((manager) =>
      manager.update(PasskeyRow, { id: row.id }, { counter: authenticationInfo.newCounter, usedAt: this.clock.now() }),
    )
    return person
  }

  private keep(challenge: string, personId: string | undefined): string {
    const handle = randomUUID()
    this.asked.set(handle, { challenge, personId, endsAtMs: this.clock.nowMs() + CHALLENGE_MS })
    const [oldest] = this.asked.keys()
    if (this.asked.size > MOST_CHALLENGES && oldest !== undefined) this.asked.delete(oldest)
    return handle
  }
  private take(handle: string, personId: string | undefined): string {
    const asked = this.asked.get(handle)
    this.asked.delete(handle)
    if (!asked || asked.endsAtMs < this.clock.nowMs() || asked.personId !== personId)
      throw new UnauthorizedException('That took too long. Try again.')
    return asked.challenge
  }
}
