import { ConflictException, Injectable, NotFoundException } from '@nestjs/common'
import type { PracticeBook } from '@nimble-anchor/core/formats'
import { Database } from '../../storage/database'
import { readBook } from '../practice-read'
import { SHELVES, type Shelf } from '../shelves'

/** Takes a profile or a local rule off its shelf; fittings keep their own copy. Never the one that new fittings start with. */
@Injectable()
export class DeletePractice {
  constructor(private readonly db: Database) {}

  run(shelf: Shelf, id: string): Promise<PracticeBook> {
    const { row, what, setting } = SHELVES[shelf]
    return this.db.write(async (manager) => {
      if ((await readBook(manager))[setting] === id)
        throw new ConflictException(`New fittings start with this ${what}; choose another for them first.`)
      const { affected } = await manager.delete(row, { id })
      if (!affected) throw new NotFoundException(`There is no such ${what}.`)
      return readBook(manager)
    })
  }
}
