import { Injectable } from '@nestjs/common'
import { refuseUnseen } from '../../http/seen'
import { Database } from '../../storage/database'
import { FamilyRow } from '../../storage/entities'
import { findFamily } from '../find-family'

/** Changes what a family is called, and the note about it. */
@Injectable()
export class ChangeFamily {
  constructor(private readonly db: Database) {}

  /** @param seen the fingerprint of name and note as whoever changes them saw them */
  run(
    id: string,
    { name, note }: { readonly name: string; readonly note: string },
    seen: string | undefined,
  ): Promise<void> {
    return this.db.write(async (manager) => {
      const standing = await findFamily(manager, id)
      refuseUnseen({ name: standing.name, note: standing.note }, seen)
      await manager.update(FamilyRow, { id }, { name, note })
    })
  }
}
