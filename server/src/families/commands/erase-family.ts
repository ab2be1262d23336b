import { ConflictException, Injectable } from '@nestjs/common'
import { Database } from '../../storage/database'
import { eraseFamily } from '../erasing'
import { findFamily } from '../find-family'

/**
 * Erases a family: children, fittings, histories, what is due, visits. The
 * name must be given, so that no slip of the hand does it. Restraints stay:
 * their jobs name no child. Of a visit that nobody has joined to a child the
 * words go where they name somebody of the family.
 */
@Injectable()
export class EraseFamily {
  constructor(private readonly db: Database) {}

  async run(id: string, confirmedName: string): Promise<{ readonly erased: number }> {
    const erased = await this.db.write(async (manager) => {
      const family = await findFamily(manager, id)
      if (family.name !== confirmedName)
        throw new ConflictException(`Nothing was erased: give the family’s name, “${family.name}”, to confirm.`)
      return (await eraseFamily(manager, family)).length
    })
    await this.db.forget()
    await this.db.keepErasedList()
    return { erased }
  }
}
