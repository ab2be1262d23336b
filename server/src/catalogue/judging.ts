import { type IsoDate } from '@nimble-anchor/core/ground'
import { isDeepStrictEqual } from 'node:util'
import { unitAwaiting, withoutLowering, type OpenJob, type UnitFact } from '@nimble-anchor/core/aftercare'
import { datedChild } from '@nimble-anchor/core/casefile'
import { type Child } from '@nimble-anchor/core/child'
import { type CatalogueKind, type ImportRow, type ReadItem } from '@nimble-anchor/core/formats'
import { type RestraintUnit } from '@nimble-anchor/core/restraint'
import type { EntityManager } from 'typeorm'
import { openJobs } from '../aftercare/open-jobs'
import { anotherChildFault } from '../fittings/child-of-file'
import { recordAfter } from '../projections/child-record'
import { goOn, type Waiter } from '../work/waiter'

/** What a file is judged against: how its entries stand, which models there are, which jobs hold units up. */
export interface Standing {
  /** Bodies as stored, by kind and id. */
  readonly texts: ReadonlyMap<string, string>
  readonly models: ReadonlySet<string>
  readonly jobs: ReadonlyMap<string, readonly OpenJob[]>
}

export const TABLES: Readonly<Record<CatalogueKind, string>> = {
  vehicles: 'vehicle',
  models: 'restraint_model',
  units: 'restraint_unit',
  children: 'child',
}
const keyOf = (kind: CatalogueKind, id: string): string => `${kind}/${id}`
/** Ids asked for in one statement; SQLite takes many more. */
const AT_ONCE = 500
/** Entries judged between two looks at who else is waiting: a few milliseconds' worth. */
const BETWEEN_PAUSES = 50

/** @throws Stopped when nobody waits for it any more */
export async function standingOf(
  manager: EntityManager,
  items: readonly ReadItem[],
  waiter?: Waiter,
): Promise<Standing> {
  const texts = new Map<string, string>()
  for (const kind of Object.keys(TABLES) as CatalogueKind[]) {
    const ids = items.filter((i) => i.kind === kind && i.faults.length === 0).map((i) => i.id)
    for (let from = 0; from < ids.length; from += AT_ONCE) {
      const some = ids.slice(from, from + AT_ONCE)
      const rows = (await manager.query(
        `SELECT "id", "body" FROM "${TABLES[kind]}" WHERE "id" IN (${some.map(() => '?').join(',')})`,
        some,
      )) as readonly { readonly id: string; readonly body: string }[]
      for (const { id, body } of rows) texts.set(keyOf(kind, id), body)
      if (from + AT_ONCE < ids.length) await goOn(waiter)
    }
  }
  const models = (await manager.query(`SELECT "id" FROM "restraint_model"`)) as readonly { readonly id: string }[]
  return { texts, models: new Set(models.map((m) => m.id)), jobs: await openJobs(manager) }
}

export const isSameStanding = (a: Standing, b: Standing): boolean => isDeepStrictEqual(a, b)

/** What would happen to an item, and what would be stored of it: nothing of one that is rejected or the same. */
export interface JudgedItem {
  readonly row: ImportRow
  readonly body?: { readonly id: string }
  readonly text?: string
}

/**
 * Says of each item whether it is new, changed, the same or rejected.
 *
 * @param overruled ids of units of which the file is believed over what the shelf knows
 * @param waiter is told which share is judged; other requests are let in between, and once nobody waits it ends
 * @throws Stopped
 */
export async function judgeItems(
  items: readonly ReadItem[],
  standing: Standing,
  how: {
    readonly today: IsoDate
    readonly overruled: ReadonlySet<string>
    readonly waiter?: Waiter | undefined
  },
): Promise<readonly JudgedItem[]> {
  const models = new Set([
    ...standing.models,
    ...items.filter((i) => i.kind === 'models' && i.faults.length === 0).map((i) => i.id),
  ])
  const judged: JudgedItem[] = []
  for (const [i, item] of items.entries()) {
    if (i % BETWEEN_PAUSES === BETWEEN_PAUSES - 1) {
      how.waiter?.tell(i / items.length)
      await goOn(how.waiter)
    }
    judged.push(judgeItem(item, standing, models, how))
  }
  return judged
}

function judgeItem(
  read: ReadItem,
  { texts, jobs }: Standing,
  models: ReadonlySet<string>,
  { today, overruled }: { readonly today: IsoDate; readonly overruled: ReadonlySet<string> },
): JudgedItem {
  const { kind, id, item, lints } = read
  const modelId = kind === 'units' ? (item as unknown as { modelId?: string }).modelId : undefined
  const isOrphan = read.faults.length === 0 && modelId !== undefined && !models.has(modelId)
  const faults = isOrphan
    ? [
        {
          path: read.where.startsWith('$') ? `${read.where}.modelId` : `${read.where}, column unit.modelId`,
          message: `no restraint model "${modelId}"`,
        },
      ]
    : read.faults
  if (faults.length > 0) return { row: { kind, id, state: 'rejected', faults } }
  const oldText = texts.get(keyOf(kind, id))
  const old = oldText === undefined ? undefined : (JSON.parse(oldText) as unknown)
  let body: { readonly id: string } = item
  let kept: readonly UnitFact[] = []
  if (kind === 'units') {
    const brought = item as unknown as RestraintUnit
    const safe =
      old === undefined || overruled.has(id) ? { unit: brought, kept } : withoutLowering(old as RestraintUnit, brought)
    kept = safe.kept
    // A file may not know that a unit is being taken apart; the jobs on it do.
    body = unitAwaiting(safe.unit, jobs.get(id) ?? [])
  } else if (kind === 'children') {
    // A measure that nobody has dated is at most as young as the file that brings it.
    const brought = datedChild(item as unknown as Child, today)
    const fault = old === undefined ? undefined : anotherChildFault(old as Child, brought, read.where)
    if (fault) return { row: { kind, id, state: 'rejected', faults: [fault] } }
    body = old === undefined ? brought : recordAfter(old as Child, { id } as Child, brought, false)
  }
  const state = old === undefined ? 'new' : isDeepStrictEqual(old, body) ? 'same' : 'changed'
  return {
    row: { kind, id, state, ...(lints.length > 0 && { lints }), ...(kept.length > 0 && { kept }) },
    ...(state !== 'same' && { body, text: JSON.stringify(body) }),
  }
}
