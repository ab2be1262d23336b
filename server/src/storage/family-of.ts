import { randomUUID } from 'node:crypto'
import type { Child } from '@nimble-anchor/core/child'
import type { EntityManager } from 'typeorm'
import { ChildRow, FamilyRow } from './entities'

/**
 * The family that a child belongs to. One that is known stays where it is; a
 * new one joins the family of its name, or begins one.
 */
export async function familyOf(
  manager: EntityManager,
  child: Pick<Child, 'id' | 'name' | 'familyName'>,
): Promise<string> {
  const known = await manager.findOne(ChildRow, { where: { id: child.id }, select: { id: true, familyId: true } })
  if (known) return known.familyId
  const name = child.familyName ?? child.name
  // A child without a family name is nobody's sibling until somebody says so.
  const family = child.familyName === undefined ? null : await manager.findOneBy(FamilyRow, { name })
  if (family) return family.id
  const id = randomUUID()
  await manager.insert(FamilyRow, { id, name, note: '' })
  return id
}
