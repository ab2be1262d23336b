import { randomUUID } from 'node:crypto'
import { ConflictException, Injectable, NotFoundException } from '@nestjs/common'
import type { Child } from '@nimble-anchor/core/child'
import type { FamilySummary, FamilyView, FittingSummary, RecheckView } from '@nimble-anchor/core/formats'
import type { EntityManager } from 'typeorm'
import { FaultsException } from '../http/faults'
import { refuseUnseen } from '../http/seen'
import { SUMMARY_COLUMNS, toSummary } from '../fittings/fitting-views'
import { toRecheck } from '../handover/recheck.service'
import { Database } from '../storage/database'
import { eraseFamily } from './erasing'
import { ChildRow, EntryRow, FamilyRow, FittingRow, RecheckRow } from '../storage/entities'

const MOST_FAMILIES = 500

/** Families: their children and what was fitted for them; exported and erased as one. */
@Injectable()
export class FamiliesService {
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
    const family = await this.find(this.db.read, id)
    const children = await this.db.read.find(ChildRow, { where: { familyId: id }, order: { id: 'ASC' } })
    const columns = SUMMARY_COLUMNS.map((c) => `f."${c}"`).join(', ')
    const fittings = (
      (await this.db.read.query(
        `SELECT ${columns}, f."childId", f."unitId" FROM "fitting" f JOIN "child" c ON c."id" = f."childId" WHERE c."familyId" = ? ORDER BY f."updatedAt" DESC LIMIT 500`,
        [id],
      )) as (FittingSummary & { childId: string; unitId: string | null })[]
    ).map(toSummary)
    const rechecks = (await this.db.read.query(
      `SELECT r.* FROM "recheck" r JOIN "fitting" f ON f."id" = r."fittingId" JOIN "child" c ON c."id" = f."childId" WHERE c."familyId" = ? ORDER BY r."at" DESC LIMIT 200`,
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

  /** @param seen the fingerprint of name and note as whoever changes them saw them */
  change(
    id: string,
    { name, note }: { readonly name: string; readonly note: string },
    seen: string | undefined,
  ): Promise<FamilyView> {
    return this.db
      .write(async (manager) => {
        const standing = await this.find(manager, id)
        refuseUnseen({ name: standing.name, note: standing.note }, seen)
        await manager.update(FamilyRow, { id }, { name, note })
      })
      .then(() => this.get(id))
  }

  /** Moves a child to another family, or to one of its own; a family left without children goes. */
  moveChild(childId: string, familyId: string | null): Promise<{ readonly familyId: string }> {
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

  /** Everything that is kept about a family, in the open formats: children, cases, histories, re-checks. */
  async export(id: string): Promise<object> {
    const view = await this.get(id)
    const fittings = []
    for (const { id: fittingId } of view.fittings) {
      const row = await this.db.read.findOneByOrFail(FittingRow, { id: fittingId })
      const entries = await this.db.read.find(EntryRow, { where: { fittingId }, order: { sequence: 'ASC' } })
      fittings.push({ id: fittingId, status: row.status, number: row.number, createdAt: row.createdAt, updatedAt: row.updatedAt, case: row.current, history: entries.map(({ fittingId: _f, ...e }) => e) }) // prettier-ignore
    }
    const { rechecks, children, name, note } = view
    return { format: 'nimble-anchor/family', version: 1, family: { id, name, note }, children, fittings, rechecks }
  }

  /**
   * Erases a family: children, fittings, histories, what is due, visits. The
   * name must be given, so that no slip of the hand does it. Restraints stay:
   * their jobs name no child. Of a visit that nobody has joined to a child the
   * words go where they name somebody of the family.
   */
  async erase(id: string, confirmedName: string): Promise<{ readonly erased: number }> {
    const erased = await this.db.write(async (manager) => {
      const family = await this.find(manager, id)
      if (family.name !== confirmedName)
        throw new ConflictException(`Nothing was erased: give the family’s name, “${family.name}”, to confirm.`)
      return (await eraseFamily(manager, family)).length
    })
    await this.db.forget()
    await this.db.keepErasedList()
    return { erased }
  }

  private async serialOf(fittingId: string, unitId: string | null): Promise<string | null> {
    if (unitId === null) return null
    const [row] = (await this.db.read.query(
      `SELECT (SELECT json_extract(u.value, '$.serial') FROM json_each(f."current", '$.units') u WHERE json_extract(u.value, '$.id') = ?) AS "serial" FROM "fitting" f WHERE f."id" = ?`,
      [unitId, fittingId],
    )) as [{ serial: string | null } | undefined]
    return row?.serial ?? null
  }

  private async find(manager: EntityManager, id: string): Promise<FamilyRow> {
    const family = await manager.findOneBy(FamilyRow, { id })
    if (!family) throw new NotFoundException('There is no such family.')
    return family
  }
}
