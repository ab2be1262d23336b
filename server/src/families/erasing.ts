import type { Child } from '@nimble-anchor/core/child'
import { IsNull, type EntityManager } from 'typeorm'
import { ChildRow, FamilyRow, VisitRow } from '../storage/entities'

/** Visits of the family go; one of nobody known loses its words where they name the family. */
async function forgetVisits(manager: EntityManager, familyId: string, names: readonly string[]): Promise<void> {
  await manager.query(
    `DELETE FROM "visit" WHERE "childId" IN (SELECT "id" FROM "child" WHERE "familyId" = ?)
      OR "fittingId" IN (SELECT f."id" FROM "fitting" f JOIN "child" c ON c."id" = f."childId" WHERE c."familyId" = ?)`,
    [familyId, familyId],
  )
  const words = names.map((n) => n.trim().toLocaleLowerCase()).filter((n) => n.length > 1)
  const visits = await manager.findBy(VisitRow, { childId: IsNull() })
  for (const { id, who, note } of visits) {
    const said = ` ${who} ${note} `
      .toLocaleLowerCase()
      .split(/[^\p{L}\p{N}'-]+/u)
      .join(' ')
    if (words.some((w) => said.includes(` ${w} `))) await manager.update(VisitRow, { id }, { who: 'erased', note: '' })
  }
}

/** Of what is erased the ids stay, and nothing else: an older copy is freed of it before it is served. */
async function keepErased(manager: EntityManager, familyId: string): Promise<void> {
  const insert = `INSERT OR IGNORE INTO "erased_record" ("kind", "id")`
  await manager.query(`${insert} VALUES ('family', ?)`, [familyId])
  await manager.query(`${insert} SELECT 'child', "id" FROM "child" WHERE "familyId" = ?`, [familyId])
  await manager.query(
    `${insert} SELECT 'fitting', f."id" FROM "fitting" f JOIN "child" c ON c."id" = f."childId" WHERE c."familyId" = ?`,
    [familyId],
  )
}

/**
 * Takes a family out of a database: children, fittings, histories, what is due,
 * visits; here when it is asked for, and in an older copy that is brought back.
 *
 * @returns the ids of its fittings
 */
export async function eraseFamily(manager: EntityManager, family: FamilyRow): Promise<readonly string[]> {
  const { id } = family
  const ofFamily = `"childId" IN (SELECT "id" FROM "child" WHERE "familyId" = ?)`
  const fittings = (await manager.query(`SELECT "id" FROM "fitting" WHERE ${ofFamily}`, [id])) as { id: string }[]
  const children = (await manager.find(ChildRow, { where: { familyId: id } })).map((c) => c.body as Child)
  await forgetVisits(manager, id, [family.name, ...children.flatMap((c) => [c.name, c.familyName ?? ''])])
  await keepErased(manager, id)
  // Other devices may still keep something of them: they are told, by the id alone.
  await manager.query(`INSERT OR IGNORE INTO "erased" SELECT "id" FROM "fitting" WHERE ${ofFamily}`, [id])
  // Histories are append-only, but not undying: they go with their fitting.
  await manager.query(`DELETE FROM "fitting" WHERE ${ofFamily}`, [id])
  await manager.delete(FamilyRow, { id })
  return fittings.map((f) => f.id)
}
