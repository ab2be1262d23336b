import { randomUUID } from 'node:crypto'
import { ForbiddenException, Injectable, UnauthorizedException, type OnApplicationBootstrap } from '@nestjs/common'
import type { DeviceView, SessionView } from '@nimble-anchor/core/formats'
import { Clock } from '../http/clock'
import { isInsecure, type Transport } from '../net/transport'
import { Database } from '../storage/database'
import { DeviceRow, PersonRow, SignInRow } from '../storage/people-entities'
import type { Caller } from './caller'
import { hashOf, isSecret, newToken } from './secrets'
import { SlowDown } from './slow-down'

const MINUTE_MS = 60_000
/** Our own figures: a device that lies about locks, a shift ends, a browser that is not seen again is forgotten. */
export const IDLE_MS = 15 * MINUTE_MS
export const SHIFT_MS = 12 * 60 * MINUTE_MS
const DEVICE_MS = 30 * 24 * 60 * MINUTE_MS
/** A password that was asked for again counts once, and so long. */
const CONFIRMED_MS = 2 * MINUTE_MS
const MOST_WRONG_PINS = 5
/** How often it is kept when a device was last used. */
const KEPT_EVERY_MS = MINUTE_MS

interface SignIn {
  atMs: number
  wrongPins: number
}
interface Device {
  readonly id: string
  label: string
  tokenHash: string
  readonly createdAt: string
  seenAt: string
  personId: string | null
  isLocked: boolean
  usedAtMs: number
  keptAtMs: number
  readonly people: Map<string, SignIn>
  /** Until when a dangerous act may be done, once. */
  confirmedUntilMs: number
}

/** What a sign-in hands back: the secret for the cookie of the device. */
export interface SignedIn {
  readonly token: string
}

export const TRANSPORT = Symbol('transport')

/**
 * Devices, and who sits at them. All of it is held in memory, since every request
 * asks; whatever changes is stored first. One process serves a folder.
 */
@Injectable()
export class Sessions implements OnApplicationBootstrap {
  private devices = new Map<string, Device>()
  private people = new Map<string, PersonRow>()

  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly slow: SlowDown,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    await this.load()
  }

  /** People and devices as they are stored. */
  async load(): Promise<void> {
    this.people = new Map((await this.db.read.find(PersonRow)).map((p) => [p.id, p]))
    const signIns = await this.db.read.find(SignInRow)
    this.devices = new Map(
      (await this.db.read.find(DeviceRow)).map((d) => [
        d.tokenHash,
        {
          ...d,
          usedAtMs: Date.parse(d.seenAt),
          keptAtMs: Date.parse(d.seenAt),
          confirmedUntilMs: 0,
          people: new Map(
            signIns
              .filter((s) => s.deviceId === d.id)
              .map((s) => [s.personId, { atMs: Date.parse(s.signedInAt), wrongPins: s.wrongPins }]),
          ),
        },
      ]),
    )
  }

  get hasPeople(): boolean {
    return this.people.size > 0
  }
  person(id: string): PersonRow | undefined {
    return this.people.get(id)
  }
  byName(name: string): PersonRow | undefined {
    const wanted = name.trim().toLocaleLowerCase()
    return [...this.people.values()].find((p) => p.name.toLocaleLowerCase() === wanted)
  }
  everybody(): readonly PersonRow[] {
    return [...this.people.values()]
  }

  /**
   * Who asks, by the secret in their cookie.
   * @param isTouch whether somebody did something; what a page asks for by itself keeps no device open
   */
  identify(token: string | undefined, isTouch: boolean): Caller {
    const { hasPeople } = this
    const device = this.deviceOf(token)
    if (!hasPeople || !device) return { hasPeople }
    const nowMs = this.clock.nowMs()
    const person = device.personId === null ? undefined : this.people.get(device.personId)
    const signIn = person && device.people.get(person.id)
    if (!person?.isActive || !signIn || nowMs - signIn.atMs > SHIFT_MS) return { hasPeople, deviceId: device.id }
    if (!device.isLocked && nowMs - device.usedAtMs > IDLE_MS) {
      device.isLocked = true
      this.keepLater(device)
    }
    if (device.isLocked) return { hasPeople, deviceId: device.id, isLocked: true }
    if (isTouch) {
      device.usedAtMs = nowMs
      if (nowMs - device.keptAtMs > KEPT_EVERY_MS) this.keepLater(device)
    }
    const { id, name, role } = person
    return { hasPeople, person: { id, name, role }, deviceId: device.id }
  }

  view(caller: Caller, token: string | undefined, transport: Transport, host: string): SessionView {
    const device = this.deviceOf(token)
    const person = caller.person && this.people.get(caller.person.id)
    const name = host.replace(/:\d+$/, '')
    return {
      hasPeople: caller.hasPeople,
      person: person ? { id: person.id, name: person.name, role: person.role, hasPin: person.pin !== null } : null,
      isLocked: caller.isLocked === true,
      onDevice: device ? this.mayComeBack(device) : [],
      deviceId: device?.id ?? null,
      idleMs: IDLE_MS,
      isInsecure: isInsecure(transport),
      canPasskey: isName(name) && (name === 'localhost' || transport.scheme === 'https'),
    }
  }

  private mayComeBack(device: Device): SessionView['onDevice'] {
    const nowMs = this.clock.nowMs()
    return [...device.people].flatMap(([id, { atMs }]) => {
      const person = this.people.get(id)
      if (!person?.isActive || nowMs - atMs > SHIFT_MS) return []
      return [{ id, name: person.name, role: person.role, hasPin: person.pin !== null }]
    })
  }

  /** By name and password. @throws 401, and the same for a name that nobody has */
  async byPassword(name: string, password: string): Promise<PersonRow> {
    this.slow.refuseEarly(name)
    const person = this.byName(name)
    // A name that nobody has takes as long as one that somebody has.
    const isRight = await this.slow.alone(async () => {
      this.slow.refuseEarly(name)
      const right = await isSecret(password, person?.password ?? this.anyPassword())
      this.slow.note(name, right && person?.isActive === true)
      return right
    })
    if (!person || !isRight || !person.isActive) throw new UnauthorizedException('Name or password is not right.')
    return person
  }
  private anyPassword(): string {
    const [, cost = '14'] = ([...this.people.values()][0]?.password ?? '').split('$')
    return ['scrypt', cost, 'AAAAAAAAAAAAAAAAAAAAAA', Buffer.alloc(32).toString('base64url')].join('$')
  }

  /** Somebody has shown who they are: the device is theirs from now on, under a new secret. */
  async signIn(person: PersonRow, oldToken: string | undefined, label: string): Promise<SignedIn> {
    const token = newToken()
    const now = new Date(this.clock.nowMs()).toISOString()
    const known = this.deviceOf(oldToken)
    const device: Device = known ?? {
      id: randomUUID(),
      label,
      tokenHash: '',
      createdAt: now,
      seenAt: now,
      personId: null,
      isLocked: false,
      usedAtMs: 0,
      keptAtMs: 0,
      people: new Map(),
      confirmedUntilMs: 0,
    }
    const tokenHash = hashOf(token)
    await this.db.write(async (manager) => {
      const row = { id: device.id, label: device.label, createdAt: device.createdAt, tokenHash, seenAt: now, personId: person.id, isLocked: false } // prettier-ignore
      await manager.upsert(DeviceRow, row, ['id'])
      await manager.upsert(SignInRow, { deviceId: device.id, personId: person.id, signedInAt: now, wrongPins: 0 }, ['deviceId', 'personId']) // prettier-ignore
      await manager.update(PersonRow, { id: person.id }, { seenAt: now })
    })
    this.devices.delete(device.tokenHash)
    const nowMs = this.clock.nowMs()
    Object.assign(device, { tokenHash, seenAt: now, personId: person.id, isLocked: false, usedAtMs: nowMs, keptAtMs: nowMs, confirmedUntilMs: 0 }) // prettier-ignore
    device.people.set(person.id, { atMs: nowMs, wrongPins: 0 })
    this.devices.set(tokenHash, device)
    const kept = this.people.get(person.id)
    if (kept) kept.seenAt = now
    return { token }
  }

  /** A PIN brings back who has signed in on this device with more than a PIN. */
  async switchTo(token: string | undefined, personId: string, pin: string): Promise<PersonRow> {
    const device = this.deviceOf(token)
    const person = this.people.get(personId)
    const signIn = device?.people.get(personId)
    if (!device || !person?.isActive || !signIn || this.clock.nowMs() - signIn.atMs > SHIFT_MS)
      throw new UnauthorizedException('Sign in with the password first: this device does not know you, or your shift is over.') // prettier-ignore
    if (person.pin === null) throw new UnauthorizedException('You have no PIN yet: sign in with the password.')
    const kept = person.pin
    const isRight = await this.slow.alone(async () => {
      // Counted before it is tried: as many at once as one likes are still no more than five.
      if (signIn.wrongPins >= MOST_WRONG_PINS) return false
      signIn.wrongPins += 1
      const right = await isSecret(pin, kept)
      if (right) signIn.wrongPins = 0
      return right
    })
    if (!isRight) {
      const isOver = signIn.wrongPins >= MOST_WRONG_PINS
      await this.db.write(async (manager) => {
        if (isOver) await manager.delete(SignInRow, { deviceId: device.id, personId })
        else await manager.update(SignInRow, { deviceId: device.id, personId }, { wrongPins: signIn.wrongPins })
      })
      if (isOver) device.people.delete(personId)
      throw new UnauthorizedException(
        isOver ? `${MOST_WRONG_PINS} wrong PINs: sign in with the password.` : 'The PIN is not right.',
      )
    }
    device.personId = personId
    device.isLocked = false
    device.usedAtMs = this.clock.nowMs()
    device.confirmedUntilMs = 0
    await this.keep(device)
    await this.db.write((manager) => manager.update(SignInRow, { deviceId: device.id, personId }, { wrongPins: 0 }))
    return person
  }

  async lock(token: string | undefined): Promise<void> {
    const device = this.deviceOf(token)
    if (!device) return
    device.isLocked = true
    await this.keep(device)
  }

  /** Whoever sits there leaves; a device that nobody uses any more is forgotten. */
  async signOut(token: string | undefined): Promise<void> {
    const device = this.deviceOf(token)
    if (!device) return
    const { personId } = device
    if (personId !== null) device.people.delete(personId)
    device.personId = null
    if (device.people.size === 0) {
      await this.revoke(device.id)
      return
    }
    await this.db.write(async (manager) => {
      if (personId !== null) await manager.delete(SignInRow, { deviceId: device.id, personId })
      await manager.update(DeviceRow, { id: device.id }, { personId: null })
    })
  }

  async revoke(deviceId: string): Promise<boolean> {
    const device = [...this.devices.values()].find((d) => d.id === deviceId)
    await this.db.write((manager) => manager.delete(DeviceRow, { id: deviceId }))
    if (device) this.devices.delete(device.tokenHash)
    for (const heard of this.onRevoked) heard(deviceId)
    return device !== undefined
  }
  /** Told when a device is revoked: what streams to it ends. */
  readonly onRevoked = new Set<(deviceId: string) => void>()

  /** Whoever has a new password, or has left, is signed out everywhere but where that was done. */
  async signOutEverywhere(personId: string, butDeviceId?: string): Promise<void> {
    for (const device of [...this.devices.values()]) {
      if (device.id === butDeviceId || !device.people.has(personId)) continue
      device.people.delete(personId)
      if (device.personId === personId) device.personId = null
      if (device.people.size === 0) await this.revoke(device.id)
      else
        await this.db.write(async (manager) => {
          await manager.delete(SignInRow, { deviceId: device.id, personId })
          await manager.update(DeviceRow, { id: device.id }, { personId: device.personId })
        })
      for (const heard of this.onRevoked) heard(device.id)
    }
  }

  list(isOwn: (personIds: readonly string[]) => boolean, thisId: string | undefined): readonly DeviceView[] {
    const shown = [...this.devices.values()].filter((d) => isOwn([...d.people.keys()]))
    return shown
      .map(({ id, label, createdAt, usedAtMs, people }) => ({
        id,
        label,
        createdAt,
        seenAt: new Date(usedAtMs).toISOString(),
        people: [...people.keys()].flatMap((p) => this.people.get(p)?.name ?? []),
        isThis: id === thisId,
      }))
      .toSorted((a, b) => b.seenAt.localeCompare(a.seenAt))
  }
  hasOn(deviceId: string, personId: string): boolean {
    return [...this.devices.values()].some((d) => d.id === deviceId && d.people.has(personId))
  }

  confirm(token: string | undefined): void {
    const device = this.deviceOf(token)
    if (device) device.confirmedUntilMs = this.clock.nowMs() + CONFIRMED_MS
  }
  /** @throws 403 that asks for it, unless it has just been given; it counts once */
  useConfirmation(token: string | undefined): void {
    const device = this.deviceOf(token)
    if (device && device.confirmedUntilMs > this.clock.nowMs()) {
      device.confirmedUntilMs = 0
      return
    }
    throw new ForbiddenException({
      statusCode: 403,
      message: 'Give your password or passkey again for this.',
      asks: 'confirm',
    })
  }

  /** After a change of people. */
  async reloadPerson(id: string): Promise<void> {
    const row = await this.db.read.findOneBy(PersonRow, { id })
    if (row) this.people.set(id, row)
    else this.people.delete(id)
  }

  private deviceOf(token: string | undefined): Device | undefined {
    const device = token === undefined || token === '' ? undefined : this.devices.get(hashOf(token))
    if (!device || this.clock.nowMs() - device.usedAtMs <= DEVICE_MS) return device
    void this.revoke(device.id).catch(() => undefined)
    return undefined
  }
  private async keep(device: Device): Promise<void> {
    device.keptAtMs = device.usedAtMs
    const { personId, isLocked } = device
    const seenAt = new Date(device.usedAtMs).toISOString()
    await this.db.write((manager) => manager.update(DeviceRow, { id: device.id }, { personId, isLocked, seenAt }))
  }
  /** When a device was last used is no promise to anybody: it is kept behind the answer. */
  private keepLater(device: Device): void {
    device.keptAtMs = this.clock.nowMs()
    void this.keep(device).catch(() => undefined)
  }
}

/** A passkey belongs to a name; an address has none. */
const isName = (host: string): boolean => /[a-z]/i.test(host) && !host.includes(':')
