import { type FittingId } from '@nimble-anchor/core/ground'
import { Injectable } from '@nestjs/common'
import type { Child } from '@nimble-anchor/core/child'
import type { FamilySummary, FamilyView, FittingSummary, RecheckView } from '@nimble-anchor/core/formats'
import { SUMMARY_COLUMNS, toSummary } from '../fittings/fitting-views'
import { toRecheck } from '../handover/rechecks-read'
import { Database } from '../storage/database'
import { findFamily } from './find-family'
import { ChildRow, EntryRow, FittingRow, RecheckRow, type RideBody } from '../storage/entities'

const MOST_FAMILIES = 500

/** What is asked of families: their children and what was fitted for them. */
@Injectable()
export class FamiliesRead {
  constructor(private readonly db: Database) {}

  async list(): Promise<readonly FamilySummary[]> {
    const rows = (await this.db.read.query(
      `SELECT f."id", f."name",
        (SELECT json_group_array(json_object('id', c."id", 'name', json_extract(c."body", '$.name'))) FROM "child" c WHERE c."familyId" = f."id") AS "children",
        (SELECT count(*) FROM "fitting" x JOIN "child" c ON c."id" = x."childId" WHERE c."familyId" = f."id") AS "fittings",
        (SELECT max(x."updatedAt") FROM "fitting" x JOIN "child" c ON c."id" = x."childId" WHERE c."familyId" = f."id") AS "lastAt"
      FROM "family" f ORDER BY f."name" COLLATE NOCASE LIMIT ${MOST_FAMILIES}`,
    )) as (Omit<FamilySummary, 'children'> & { children: string })[]
    return rows.map((r) => ({ ...r, children: JSON.parse(r.children) as FamilySummary['children'] }))
  }

  async get(id: string): Promise<FamilyView> {
    const family = await findFamily(this.db.read, id)
    const children = await this.db.read.find(ChildRow, { where: { familyId: id }, order: { id: 'ASC' } })
    const columns = SUMMARY_COLUMNS.map((c) => `f."${c}"`).join(', ')
    const fittings = (
      (await this.db.read.query(
        `SELECT ${columns}, f."childId", f."unitId", (SELECT r."rideId" FROM "ride_fitting" r WHERE r."fittingId" = f."id") AS "rideId" FROM "fitting" f JOIN "child" c ON c."id" = f."childId" WHERE c."familyId" = ? ORDER BY f."updatedAt" DESC LIMIT 500`,
        [id],
      )) as (FittingSummary & { childId: string; unitId: string | null; rideId: string | null })[]
    ).map(toSummary)
    const rechecks = (await this.db.read.query(
      `SELECT r."id", r."fittingId", r."at" AS "answeredAt", r."who", r."kind", r."items", r."answers" FROM "recheck" r JOIN "fitting" f ON f."id" = r."fittingId" JOIN "child" c ON c."id" = f."childId" WHERE c."familyId" = ? ORDER BY r."at" DESC LIMIT 200`,
      [id],
    )) as (Omit<RecheckRow, 'items' | 'answers'> & { items: string; answers: string })[]
    const restraints = new Map<string, FamilyView['restraints'][number]>()
    for (const f of fittings) {
      if (f.restraintName === null || f.status !== 'signed') continue
      const key = f.unitId ?? f.restraintName
      if (!restraints.has(key)) restraints.set(key, { name: f.restraintName, serial: await this.serialOf(f.id, f.unitId), lastAt: f.updatedAt }) // prettier-ignore
    }
    return {
      id,
      name: family.name,
      note: family.note,
      children: children.map((c) => c.body as Child),
      fittings: fittings.map(({ unitId: _unitId, ...f }) => f),
      cars: [...new Set(fittings.flatMap((f) => (f.vehicleName === null ? [] : [f.vehicleName])))],
      restraints: [...restraints.values()],
      rechecks: rechecks.map((r) => toRecheck({ ...r, items: JSON.parse(r.items) as RecheckView['items'], answers: JSON.parse(r.answers) as RecheckView['answers'] })), // prettier-ignore
    }
  }

  /** Everything that is kept about a family, in the open formats: children, cases, histories, re-checks. */
  async export(id: string): Promise<object> {
    const view = await this.get(id)
    const fittings = []
    for (const { id: fittingId } of view.fittings) {
      const row = await this.db.read.findOneByOrFail(FittingRow, { id: fittingId })
      const entries = await this.db.read.find(EntryRow, { where: { fittingId }, order: { sequence: 'ASC' } })
      fittings.push({ id: fittingId, status: row.status, number: row.number, createdAt: row.createdAt, updatedAt: row.updatedAt, case: row.current, history: entries.map(({ fittingId: _f, ...e }) => e) }) // prettier-ignore
    }
    const rides = (await this.db.read.query(
      `SELECT DISTINCT r."id", r."createdAt", r."body" FROM "ride" r JOIN "ride_fitting" b ON b."rideId" = r."id" JOIN "fitting" f ON f."id" = b."fittingId" JOIN "child" c ON c."id" = f."childId" WHERE c."familyId" = ? ORDER BY r."createdAt"`,
      [id],
    )) as { id: string; createdAt: string; body: string }[]
    const { rechecks, children, name, note } = view
    return { format: 'nimble-anchor/family', version: 1, family: { id, name, note }, children, fittings, rides: rides.map((r) => ({ ...r, body: JSON.parse(r.body) as RideBody })), rechecks } // prettier-ignore
  }

  private async serialOf(fittingId: FittingId, unitId: string | null): Promise<string | null> {
    if (unitId === null) return null
    const [row] = (await this.db.read.query(
      `SELECT (SELECT json_extract(u.value, '$.serial') FROM json_each(f."current", '$.units') u WHERE json_extract(u.value, '$.id') = ?) AS "serial" FROM "fitting" f WHERE f."id" = ?`,
      [unitId, fittingId],
    )) as [{ serial: string | null } | undefined]
    return row?.serial ?? null
  }
}
