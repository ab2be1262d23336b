import { randomUUID } from 'node:crypto'
import { type Child } from '@nimble-anchor/core/child'
import { type CatalogueKind } from '@nimble-anchor/core/formats'
import { type RestraintUnit } from '@nimble-anchor/core/restraint'
import type { EntityManager } from 'typeorm'
import { goOn, type Waiter } from '../work/waiter'
import { TABLES, type JudgedItem } from './judging'

/** Rows of one statement: a file of ten thousand is a hundred statements, not ten thousand. */
const AT_ONCE = 100

async function upsert(
  manager: EntityManager,
  table: string,
  columns: readonly string[],
  rows: readonly (readonly string[])[],
  stored: () => Promise<void>,
): Promise<void> {
  const names = columns.map((c) => `"${c}"`).join(', ')
  const over = columns.slice(1).map((c) => `"${c}" = excluded."${c}"`).join(', ') // prettier-ignore
  const one = `(${columns.map(() => '?').join(', ')})`
  for (let from = 0; from < rows.length; from += AT_ONCE) {
    const some = rows.slice(from, from + AT_ONCE)
    await manager.query(
      `INSERT INTO "${table}" (${names}) VALUES ${some.map(() => one).join(', ')} ON CONFLICT ("id") DO UPDATE SET ${over}`,
      some.flat(),
    )
    await stored()
  }
}

/**
 * The families that children belong to. One that is known stays where it is; a
 * new one joins the family of its name, or begins one.
 */
async function familiesOf(
  manager: EntityManager,
  children: readonly Child[],
  stored: () => Promise<void>,
): Promise<ReadonlyMap<string, string>> {
  const known = (await manager.query(`SELECT "id", "familyId" FROM "child"`)) as { id: string; familyId: string }[]
  const families = (await manager.query(`SELECT "id", "name" FROM "family" ORDER BY rowid DESC`)) as { id: string; name: string }[] // prettier-ignore
  const of = new Map(known.map((c) => [c.id, c.familyId]))
  const byName = new Map(families.map((f) => [f.name, f.id]))
  const begun: string[][] = []
  for (const { id, name, familyName } of children) {
    if (of.has(id)) continue
    // A child without a family name is nobody's sibling until somebody says so.
    const familyId = (familyName === undefined ? undefined : byName.get(familyName)) ?? randomUUID()
    of.set(id, familyId)
    if (familyName !== undefined && byName.has(familyName)) continue
    begun.push([familyId, familyName ?? name, ''])
    if (familyName !== undefined) byName.set(familyName, familyId)
  }
  await upsert(manager, 'family', ['id', 'name', 'note'], begun, stored)
  return of
}

/**
 * Stores what was judged new or changed, kind by kind in the order in which one needs the other.
 *
 * @param waiter is told how far it is; reads are let in between, and once nobody waits it ends
 * @throws Stopped
 */
export async function storeItems(
  manager: EntityManager,
  judged: readonly JudgedItem[],
  waiter?: Waiter,
): Promise<void> {
  let statements = 0
  const stored = async (): Promise<void> => {
    statements += 1
    waiter?.tell(Math.min(1, (statements * AT_ONCE) / judged.length))
    await goOn(waiter)
  }
  const of = (kind: CatalogueKind) =>
    judged.flatMap(({ row, body, text }) => (row.kind === kind && body && text !== undefined ? [{ body, text }] : []))
  for (const kind of ['vehicles', 'models'] as const)
    await upsert(manager, TABLES[kind], ['id', 'body'], of(kind).map((i) => [i.body.id, i.text]), stored) // prettier-ignore
  const units = of('units').map(({ body, text }) => [body.id, text, (body as RestraintUnit).modelId])
  await upsert(manager, TABLES.units, ['id', 'body', 'modelId'], units, stored)
  const children = of('children')
  if (children.length === 0) return
  const families = await familiesOf(manager, children.map((i) => i.body as Child), stored) // prettier-ignore
  const rows = children.map(({ body, text }) => [body.id, text, families.get(body.id) ?? ''])
  await upsert(manager, TABLES.children, ['id', 'body', 'familyId'], rows, stored)
}
