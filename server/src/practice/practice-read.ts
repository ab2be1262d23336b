import { Injectable } from '@nestjs/common'
import type { PracticeBook } from '@nimble-anchor/core/formats'
import type { LocalRule } from '@nimble-anchor/core/law'
import type { PracticeProfile } from '@nimble-anchor/core/practice'
import type { EntityManager } from 'typeorm'
import { Database } from '../storage/database'
import { LocalRuleRow, PracticeRow, SettingRow } from '../storage/entities'

/** Profiles and local rules for all fittings. A fitting keeps its own copy, so that its verdict never moves behind its back. */
@Injectable()
export class PracticeRead {
  constructor(private readonly db: Database) {}

  all(): Promise<PracticeBook> {
    return readBook(this.db.read)
  }

  /** What a new fitting starts with. */
  async defaults(
    manager: EntityManager,
  ): Promise<{ readonly practice: PracticeProfile; readonly localRule: LocalRule }> {
    const book = await readBook(manager)
    const practice = book.profiles.find((p) => p.id === book.profileId)
    const localRule = book.localRules.find((r) => r.id === book.localRuleId)
    if (!practice || !localRule) throw new Error(`The default profile "${book.profileId}" or local rule is missing`)
    return { practice, localRule }
  }
}

/** Both shelves, and what new fittings start with. */
export async function readBook(manager: EntityManager): Promise<PracticeBook> {
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
