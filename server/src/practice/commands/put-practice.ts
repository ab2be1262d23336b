import { Injectable } from '@nestjs/common'
import type { PracticeBook } from '@nimble-anchor/core/formats'
import { parseWith } from '@nimble-anchor/core/ground'
import type { EntityTarget } from 'typeorm'
import { FaultsException } from '../../http/faults'
import { refuseUnseen } from '../../http/seen'
import { Database } from '../../storage/database'
import { readBook } from '../practice-read'
import { SHELVES, type Shelf } from '../shelves'

/** Puts a profile or a local rule on its shelf, or changes the one that stands there. */
@Injectable()
export class PutPractice {
  constructor(private readonly db: Database) {}

  /** @param seen the fingerprint of what stands there as whoever changes it saw it; none for a new one */
  run(shelf: Shelf, id: string, data: unknown, seen: string | undefined): Promise<PracticeBook> {
    const { row, schema } = SHELVES[shelf]
    const parsed = parseWith<{ id: string }>(schema, data)
    if (!parsed.ok) throw new FaultsException('Nothing was saved.', parsed.error)
    if (parsed.value.id !== id)
      throw new FaultsException('Nothing was saved.', [{ path: '$.id', message: `must be "${id}", as in the address` }])
    return this.db.write(async (manager) => {
      refuseUnseen((await manager.findOneBy(row as EntityTarget<{ id: string; body: unknown }>, { id }))?.body, seen)
      await manager.upsert(row, { id, body: parsed.value }, ['id'])
      return readBook(manager)
    })
  }
}
