import { ConflictException, Injectable, NotFoundException } from '@nestjs/common'
import { parseWith } from '@nimble-anchor/core/ground'
import { type PracticeBook } from '@nimble-anchor/core/formats'
import { practiceSchema, type PracticeProfile } from '@nimble-anchor/core/practice'
import { localRuleSchema, type LocalRule } from '@nimble-anchor/core/law'
import type { EntityManager, EntityTarget } from 'typeorm'
import { FaultsException } from '../http/faults'
import { refuseUnseen } from '../http/seen'
import { Database } from '../storage/database'
import { LocalRuleRow, PracticeRow, SettingRow } from '../storage/entities'

type Shelf = 'profiles' | 'localRules'
const KEPT = {
  profiles: { row: PracticeRow, schema: practiceSchema, setting: 'profileId', what: 'practice profile' },
  localRules: { row: LocalRuleRow, schema: localRuleSchema, setting: 'localRuleId', what: 'local rule' },
} as const

/** Profiles and local rules for all fittings. A fitting keeps its own copy, so that its verdict never moves behind its back. */
@Injectable()
export class PracticeService {
  constructor(private readonly db: Database) {}

  all(): Promise<PracticeBook> {
    return this.read(this.db.read)
  }

  /** What a new fitting starts with. */
  async defaults(manager: EntityManager): Promise<{ practice: PracticeProfile; localRule: LocalRule }> {
    const book = await this.read(manager)
    const practice = book.profiles.find((p) => p.id === book.profileId)
    const localRule = book.localRules.find((r) => r.id === book.localRuleId)
    if (!practice || !localRule) throw new Error(`The default profile "${book.profileId}" or local rule is missing`)
    return { practice, localRule }
  }

  /** @param seen the fingerprint of what stands there as whoever changes it saw it; none for a new one */
  put(shelf: Shelf, id: string, data: unknown, seen: string | undefined): Promise<PracticeBook> {
    const { row, schema } = KEPT[shelf]
    const parsed = parseWith<{ id: string }>(schema, data)
    if (!parsed.ok) throw new FaultsException('Nothing was saved.', parsed.error)
    if (parsed.value.id !== id)
      throw new FaultsException('Nothing was saved.', [{ path: '$.id', message: `must be "${id}", as in the address` }])
    return this.db.write(async (manager) => {
      refuseUnseen((await manager.findOneBy(row as EntityTarget<{ id: string; body: unknown }>, { id }))?.body, seen)
      await manager.upsert(row, { id, body: parsed.value }, ['id'])
      return this.read(manager)
    })
  }

  delete(shelf: Shelf, id: string): Promise<PracticeBook> {
    const { row, what } = KEPT[shelf]
    return this.db.write(async (manager) => {
      const book = await this.read(manager)
      if (book[KEPT[shelf].setting] === id)
        throw new ConflictException(`New fittings start with this ${what}; choose another for them first.`)
      const { affected } = await manager.delete(row, { id })
      if (!affected) throw new NotFoundException(`There is no such ${what}.`)
      return this.read(manager)
    })
  }

  setDefaults(chosen: { readonly profileId: string; readonly localRuleId: string }): Promise<PracticeBook> {
    return this.db.write(async (manager) => {
      const book = await this.read(manager)
      const faults = (['profiles', 'localRules'] as const)
        .filter((shelf) => !book[shelf].some((x) => x.id === chosen[KEPT[shelf].setting]))
        .map((shelf) => ({
          path: `$.${KEPT[shelf].setting}`,
          message: `no ${KEPT[shelf].what} "${chosen[KEPT[shelf].setting]}"`,
        }))
      if (faults.length > 0) throw new FaultsException('Nothing was saved.', faults)
      for (const key of ['profileId', 'localRuleId'] as const)
        await manager.upsert(SettingRow, { key, value: chosen[key] }, ['key'])
      return this.read(manager)
    })
  }

  private async read(manager: EntityManager): Promise<PracticeBook> {
    const bodies = async (row: typeof PracticeRow | typeof LocalRuleRow) =>
      (await manager.find(row, { order: { id: 'ASC' } })).map((r) => r.body)
    const settings = new Map((await manager.find(SettingRow)).map((s) => [s.key, s.value]))
    return {
      profiles: (await bodies(PracticeRow)) as PracticeProfile[],
      localRules: (await bodies(LocalRuleRow)) as LocalRule[],
      profileId: settings.get('profileId') ?? '',
      localRuleId: settings.get('localRuleId') ?? '',
    }
  }
}
