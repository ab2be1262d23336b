import { NotFoundException } from '@nestjs/common'
import type { EntityManager } from 'typeorm'
import { FamilyRow } from '../storage/entities'

/** @throws NotFoundException */
export async function findFamily(manager: EntityManager, id: string): Promise<FamilyRow> {
  const family = await manager.findOneBy(FamilyRow, { id })
  if (!family) throw new NotFoundException('There is no such family.')
  return family
}
