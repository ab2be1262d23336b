import { randomUUID } from 'node:crypto'
import { Injectable, NotFoundException } from '@nestjs/common'
import type { Child } from '@nimble-anchor/core/child'
import { FaultsException } from '../../http/faults'
import { Database } from '../../storage/database'
import { ChildRow, FamilyRow } from '../../storage/entities'

/** Moves a child to another family, or to one of its own; a family left without children goes. */
@Injectable()
export class MoveChild {
  constructor(private readonly db: Database) {}

  run(childId: string, familyId: string | null): Promise<{ readonly familyId: string }> {
    return this.db.write(async (manager) => {
      const child = await manager.findOneBy(ChildRow, { id: childId })
      if (!child) throw new NotFoundException('There is no such child.')
      const to = familyId ?? randomUUID()
      if (familyId === null) {
        const { familyName, name } = child.body as Child
        await manager.insert(FamilyRow, { id: to, name: familyName ?? name, note: '' })
      } else if (!(await manager.findOneBy(FamilyRow, { id: familyId }))) {
        throw new FaultsException('The child was not moved.', [{ path: '$.familyId', message: 'no such family' }])
      }
      const from = child.familyId
      await manager.update(ChildRow, { id: childId }, { familyId: to })
      if (from !== to && (await manager.countBy(ChildRow, { familyId: from })) === 0)
        await manager.delete(FamilyRow, { id: from })
      return { familyId: to }
    })
  }
}
