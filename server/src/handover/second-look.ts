import { FittingId } from '@nimble-anchor/core/ground'
import { createHmac, randomBytes, timingSafeEqual } from 'node:crypto'
import { Injectable, NotFoundException } from '@nestjs/common'
import { chosenIn } from '@nimble-anchor/core/casefile'
import { drawingOfCheck } from '@nimble-anchor/core/drawings'
import type { CarerLink, SecondLookView } from '@nimble-anchor/core/formats'
import { fittedSubject } from '@nimble-anchor/core/match'
import { recheckList, type RecheckAnswer } from '@nimble-anchor/core/procedure'
import { modelName } from '@nimble-anchor/core/restraint'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { Clock } from '../http/clock'
import { FittingsRead } from '../fittings/fittings-read'
import { Database } from '../storage/database'
import { SettingRow } from '../storage/entities'
import { AddRecheck } from './commands/add-recheck'

/** Long enough for the first week and the second; our own figure. */
const DAYS = 14
const DAY_MS = 24 * 60 * 60_000
const KEY = 'carer-link-key'
/** The answers of one link: a carer who begins again, not a machine that fills the record. */
const MOST_ANSWERS = 20

/**
 * A carer's link to the second look: it is signed, it ends, and it opens the
 * questions of one fitting. Nothing about the child or the family is in them.
 */
@Injectable()
export class SecondLook {
  private key: string | undefined
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly fittings: FittingsRead,
    private readonly adding: AddRecheck,
  ) {}

  async linkFor(fittingId: FittingId, origin: string): Promise<CarerLink> {
    await this.signed(fittingId)
    const endsAtMs = this.clock.nowMs() + DAYS * DAY_MS
    const what = `${fittingId}.${endsAtMs.toString(36)}`
    return { url: `${origin}/second-look#${what}.${await this.mac(what)}`, endsAt: new Date(endsAtMs).toISOString() }
  }

  async questions(token: string): Promise<SecondLookView> {
    const c = await this.signed(await this.opened(token))
    const subject = fittedSubject(c)
    const { model, position } = chosenIn(c)
    return {
      what: [
        model && modelName(model),
        c.vehicle && `in ${vehicleName(c.vehicle)}`,
        position && `, ${position.label.toLowerCase()}`,
      ]
        .filter(Boolean)
        .join(' ')
        .replace(' ,', ','),
      items: (subject ? recheckList(subject) : []).map((item) => ({
        ...item,
        ...(subject && item.check && { drawing: drawingOfCheck(item.check, subject) }),
      })),
    }
  }

  async answer(token: string, answers: Readonly<Record<string, RecheckAnswer>>): Promise<void> {
    const fittingId = await this.opened(token)
    const { handover } = await this.signed(fittingId)
    await this.adding.run(fittingId, handover?.carerName ?? 'Carer', answers, MOST_ANSWERS)
  }

  /** @throws 404 alike for a link that was never given, that has ended, and whose fitting is gone */
  private async opened(token: string): Promise<FittingId> {
    const [fittingId = '', ends = '', mac = ''] = token.split('.')
    const wanted = Buffer.from(await this.mac(`${fittingId}.${ends}`))
    const given = Buffer.from(mac)
    const isGood = given.length === wanted.length && timingSafeEqual(given, wanted)
    if (!isGood || parseInt(ends, 36) < this.clock.nowMs()) throw gone()
    return FittingId(fittingId)
  }

  private async signed(fittingId: FittingId) {
    const { case: c, status } = await this.fittings.get(fittingId)
    if (status !== 'signed' || c.handover === undefined || c.handover.againstAdvice !== undefined) throw gone()
    return c
  }

  private async mac(text: string): Promise<string> {
    this.key ??= await this.db.write(async (manager) => {
      const kept = await manager.findOneBy(SettingRow, { key: KEY })
      if (kept) return kept.value
      const value = randomBytes(32).toString('base64url')
      await manager.insert(SettingRow, { key: KEY, value })
      return value
    })
    return createHmac('sha256', this.key).update(text).digest('base64url')
  }
}

const gone = (): NotFoundException =>
  new NotFoundException('This link opens nothing any more: ask your fitter for a new one.')
