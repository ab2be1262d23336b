import { randomUUID } from 'node:crypto'
import {
  ConflictException,
  ForbiddenException,
  Inject,
  Injectable,
  NotFoundException,
  UnauthorizedException,
} from '@nestjs/common'
import type { Colleague, PersonView, Role } from '@nimble-anchor/core/formats'
import type { EntityManager } from 'typeorm'
import { Clock } from '../http/clock'
import { FaultsException } from '../http/faults'
import { Database } from '../storage/database'
import { PasskeyRow, PersonRow, RecoveryCodeRow } from '../storage/people-entities'
import { hashOf, isSecret, keepSecret, newRecoveryCode, plainCode } from './secrets'
import { Sessions } from './sessions.service'
import { SlowDown } from './slow-down'

export const COST = Symbol('scrypt cost')
const RECOVERY_CODES = 8

export interface NewPerson {
  readonly name: string
  readonly role: Role
  readonly password: string
}
/** Codes are told this once. */
export interface Made {
  readonly person: PersonRow
  readonly recoveryCodes: readonly string[]
}

/** Who works at the bay. */
@Injectable()
export class People {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly sessions: Sessions,
    private readonly slow: SlowDown,
    @Inject(COST) private readonly cost: number,
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

  /** @param isFirst nobody is there yet: whoever is made keeps the bay, and nobody else was first */
  async make({ name, role, password }: NewPerson, isFirst: boolean): Promise<Made> {
    refuseWeak(password, name)
    if (isFirst && role !== 'lead')
      throw new FaultsException('Nobody was added.', [{ path: '$.role', message: 'must be lead: the first person keeps the bay' }]) // prettier-ignore
    const kept = await this.slow.alone(() => keepSecret(password, this.cost))
    const codes = Array.from({ length: RECOVERY_CODES }, newRecoveryCode)
    const person: PersonRow = { id: randomUUID(), name: name.trim(), role, isActive: true, password: kept, pin: null, createdAt: this.clock.now(), seenAt: null } // prettier-ignore
    await this.db.write(async (manager) => {
      const all = await manager.find(PersonRow, { select: { name: true } })
      if (isFirst && all.length > 0) throw new ForbiddenException('Somebody was first: sign in.')
      refuseTaken(all, person.name)
      await manager.insert(PersonRow, person as object)
      await keepCodes(manager, person.id, codes)
    })
    await this.sessions.reloadPerson(person.id)
    return { person, recoveryCodes: codes }
  }

  async change(
    id: string,
    next: { readonly name: string; readonly role: Role; readonly isActive: boolean },
  ): Promise<void> {
    await this.db.write(async (manager) => {
      const all = await manager.find(PersonRow)
      const person = all.find((p) => p.id === id)
      if (!person) throw new NotFoundException('There is no such person.')
      refuseTaken(all.filter((p) => p.id !== id), next.name) // prettier-ignore
      const leadsLeft = all.filter((p) => p.id !== id && p.role === 'lead' && p.isActive).length
      if (leadsLeft === 0 && (next.role !== 'lead' || !next.isActive))
        throw new ConflictException('Somebody must keep the bay: make another person lead first.')
      await manager.update(PersonRow, { id }, { name: next.name.trim(), role: next.role, isActive: next.isActive })
    })
    await this.sessions.reloadPerson(id)
    if (!next.isActive) await this.sessions.signOutEverywhere(id)
  }

  /** A new password signs out everywhere but where it was given. */
  async setPassword(id: string, password: string, butDeviceId?: string): Promise<void> {
    const person = this.sessions.person(id)
    if (!person) throw new NotFoundException('There is no such person.')
    refuseWeak(password, person.name)
    const kept = await this.slow.alone(() => keepSecret(password, this.cost))
    await this.db.write((manager) => manager.update(PersonRow, { id }, { password: kept }))
    await this.sessions.reloadPerson(id)
    await this.sessions.signOutEverywhere(id, butDeviceId)
  }

  async setPin(id: string, pin: string | null): Promise<void> {
    if (pin !== null && isPlainPin(pin))
      throw new FaultsException('The PIN was not set.', [{ path: '$.pin', message: 'is one of the first that anybody tries' }]) // prettier-ignore
    const kept = pin === null ? null : await this.slow.alone(() => keepSecret(pin, this.cost))
    await this.db.write((manager) => manager.update(PersonRow, { id }, { pin: kept }))
    await this.sessions.reloadPerson(id)
  }

  async newCodes(id: string): Promise<readonly string[]> {
    const codes = Array.from({ length: RECOVERY_CODES }, newRecoveryCode)
    await this.db.write(async (manager) => {
      await manager.delete(RecoveryCodeRow, { personId: id })
      await keepCodes(manager, id, codes)
    })
    return codes
  }

  /** One of the printed codes and a new password: the code is used up, all devices are signed out. */
  async recover(name: string, code: string, password: string): Promise<PersonRow> {
    this.slow.refuseEarly(name)
    const person = this.sessions.byName(name)
    // By the name as it was typed: whether somebody has it is not told.
    refuseWeak(password, name)
    const isRight = await this.db.write(async (manager) => {
      if (!person?.isActive) return false
      const { affected } = await manager.delete(RecoveryCodeRow, { personId: person.id, hash: hashOf(plainCode(code)) })
      return (affected ?? 0) > 0
    })
    this.slow.note(name, isRight)
    if (!person || !isRight) throw new UnauthorizedException('Name or code is not right, or the code has been used.')
    await this.setPassword(person.id, password)
    return this.sessions.person(person.id) ?? person
  }

  /** Whether a password or PIN is this person's: for whoever signs beside a trainee. @throws 401 */
  async proveSecond(id: string, secret: string): Promise<PersonRow> {
    const person = this.sessions.person(id)
    const key = `second:${id}`
    this.slow.refuseEarly(key)
    const isRight =
      person?.isActive === true &&
      (await this.slow.alone(async () => {
        this.slow.refuseEarly(key)
        const right =
          (await isSecret(secret, person.password)) || (person.pin !== null && (await isSecret(secret, person.pin)))
        this.slow.note(key, right)
        return right
      }))
    if (!person || !isRight) throw new ForbiddenException({ statusCode: 403, message: 'The password or PIN of whoever signs with you is not right.', asks: 'second' }) // prettier-ignore
    return person
  }

  /** Whether a passkey is anybody's. */
  passkey(id: string): Promise<PasskeyRow | null> {
    return this.db.read.findOneBy(PasskeyRow, { id })
  }
}

async function keepCodes(manager: EntityManager, personId: string, codes: readonly string[]): Promise<void> {
  await manager.insert(RecoveryCodeRow, codes.map((code) => ({ personId, hash: hashOf(plainCode(code)) }))) // prettier-ignore
}

function refuseTaken(others: readonly { readonly name: string }[], name: string): void {
  const wanted = name.trim().toLocaleLowerCase()
  if (others.some((p) => p.name.toLocaleLowerCase() === wanted))
    throw new FaultsException('Nothing was saved.', [{ path: '$.name', message: 'is somebody’s already' }])
}

/** Length is what counts; what is guessed first is refused. */
const GUESSED_FIRST = /^(.)\1+$|^(1234567890|0123456789|abcdefghij|qwertyuiop)|password|passwort|nimble|anchor/i
function refuseWeak(password: string, name: string): void {
  const isNamed = name.trim().length > 2 && password.toLowerCase().includes(name.trim().toLowerCase())
  if (GUESSED_FIRST.test(password) || isNamed)
    throw new FaultsException('Nothing was saved.', [
      {
        path: '$.password',
        message: 'is one of the first that anybody tries: take three or four words that do not belong together',
      },
    ])
}
/** 1111, 1234, 4321. */
function isPlainPin(pin: string): boolean {
  const steps = [...pin].slice(1).map((d, i) => Number(d) - Number(pin[i]))
  return steps.every((s) => s === steps[0] && Math.abs(s) <= 1)
}
