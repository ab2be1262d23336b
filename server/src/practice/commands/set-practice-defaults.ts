import { Injectable } from '@nestjs/common'
import type { PracticeBook } from '@nimble-anchor/core/formats'
import { FaultsException } from '../../http/faults'
import { Database } from '../../storage/database'
import { SettingRow } from '../../storage/entities'
import { readBook } from '../practice-read'
import { SHELVES } from '../shelves'

/** Says which profile and which local rule new fittings start with. */
@Injectable()
export class SetPracticeDefaults {
  constructor(private readonly db: Database) {}

  run(chosen: { readonly profileId: string; readonly localRuleId: string }): Promise<PracticeBook> {
    return this.db.write(async (manager) => {
      const book = await readBook(manager)
      const faults = (['profiles', 'localRules'] as const).flatMap((shelf) => {
        const { setting, what } = SHELVES[shelf]
        const id = chosen[setting]
        return book[shelf].some((x) => x.id === id) ? [] : [{ path: `$.${setting}`, message: `no ${what} "${id}"` }]
      })
      if (faults.length > 0) throw new FaultsException('Nothing was saved.', faults)
      for (const key of ['profileId', 'localRuleId'] as const)
        await manager.upsert(SettingRow, { key, value: chosen[key] }, ['key'])
      return readBook(manager)
    })
  }
}
