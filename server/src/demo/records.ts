import type { DemoRemoved } from '@nimble-anchor/core/formats'
import { fingerprint } from '@nimble-anchor/core/ground'
import { modelName, type RestraintModel } from '@nimble-anchor/core/restraint'
import type { Vehicle } from '@nimble-anchor/core/vehicle'
import type { EntityManager } from 'typeorm'
import { ModelRow, UnitRow, VehicleRow } from '../storage/entities'

/** Which records the demo brought, and how they go again. */

type DemoKind = 'vehicles' | 'models' | 'units' | 'children' | 'visits' | 'jobs'

/** @param records each id, and the fingerprint of what was brought where a change of it is to be noticed */
export async function markDemo(
  manager: EntityManager,
  kind: DemoKind,
  records: readonly (readonly [id: string, seen: string | null])[],
): Promise<void> {
  for (const [id, seen] of records)
    await manager.query(`INSERT OR IGNORE INTO "demo_record" VALUES (?, ?, ?)`, [kind, id, seen])
}

/** So many children with their fittings go in one unit of work: others wait no longer than that. */
const CHILDREN_AT_ONCE = 12

/** Some of the demo's children with everything that was fitted for them; families left empty go too. */
export async function removeChildren(
  manager: EntityManager,
): Promise<{ readonly children: number; readonly fittings: number }> {
  const rows = (await manager.query(
    `SELECT d."id" FROM "demo_record" d WHERE d."kind" = 'children' LIMIT ${CHILDREN_AT_ONCE}`,
  )) as { id: string }[]
  const ids = rows.map((r) => r.id)
  const these = `(${ids.map(() => '?').join(', ')})`
  const ask = (sql: string): Promise<unknown> => manager.query(sql, [...ids])
  if (ids.length === 0) return { children: 0, fittings: 0 }
  const [{ n }] = (await ask(`SELECT count(*) AS "n" FROM "fitting" WHERE "childId" IN ${these}`)) as [{ n: number }]
  await manager.query(
    `DELETE FROM "visit" WHERE "childId" IN ${these} OR "fittingId" IN (SELECT "id" FROM "fitting" WHERE "childId" IN ${these})`,
    [...ids, ...ids],
  )
  await ask(`INSERT OR IGNORE INTO "erased" SELECT "id" FROM "fitting" WHERE "childId" IN ${these}`)
  await ask(`DELETE FROM "fitting" WHERE "childId" IN ${these}`)
  const families = (await ask(`SELECT DISTINCT "familyId" AS "id" FROM "child" WHERE "id" IN ${these}`)) as {
    id: string
  }[]
  await ask(`DELETE FROM "child" WHERE "id" IN ${these}`)
  for (const { id } of families)
    await manager.query(`DELETE FROM "family" WHERE "id" = ? AND NOT EXISTS (SELECT 1 FROM "child" WHERE "familyId" = ?)`, [id, id]) // prettier-ignore
  await ask(`DELETE FROM "demo_record" WHERE "kind" = 'children' AND "id" IN ${these}`)
  return { children: ids.length, fittings: n }
}

/** Visits and jobs of the demo. */
export async function removeWork(manager: EntityManager): Promise<void> {
  const of = (kind: DemoKind) => `SELECT "id" FROM "demo_record" WHERE "kind" = '${kind}'`
  await manager.query(`DELETE FROM "visit" WHERE "id" IN (${of('visits')})`)
  await manager.query(`DELETE FROM "job_entry" WHERE "jobId" IN (${of('jobs')})`)
  await manager.query(`DELETE FROM "job" WHERE "id" IN (${of('jobs')})`)
}

/** The demo's cars and restraints, but for those that somebody has changed, and models of which a unit stays. */
export async function removeCatalogue(manager: EntityManager): Promise<DemoRemoved['kept']> {
  const kept: DemoRemoved['kept'][number][] = []
  const targets = [
    ['units', UnitRow, (body: unknown) => (body as { serial: string }).serial],
    ['models', ModelRow, (body: unknown) => modelName(body as RestraintModel)],
    ['vehicles', VehicleRow, (body: unknown) => `${(body as Vehicle).maker} ${(body as Vehicle).model}`],
  ] as const
  for (const [kind, target, nameOf] of targets) {
    const marks = (await manager.query(`SELECT "id", "seen" FROM "demo_record" WHERE "kind" = ?`, [kind])) as { id: string; seen: string }[] // prettier-ignore
    for (const { id, seen } of marks) {
      const row = await manager.findOneBy(target, { id })
      if (!row) continue
      const isUsed = kind === 'models' && (await manager.countBy(UnitRow, { modelId: id })) > 0
      if (isUsed || fingerprint(row.body) !== seen) kept.push({ kind, id, name: nameOf(row.body) })
      else await manager.delete(target, { id })
    }
  }
  return kept
}
