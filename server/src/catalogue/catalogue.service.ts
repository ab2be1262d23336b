import { isDeepStrictEqual } from 'node:util'
import { ConflictException, Injectable, NotFoundException } from '@nestjs/common'
import { unitAwaiting, withoutLowering, type UnitFact } from '@nimble-anchor/core/aftercare'
import { CASE_VERSION, datedChild } from '@nimble-anchor/core/casefile'
import { type Child } from '@nimble-anchor/core/child'
import {
  CATALOGUE_FORMAT,
  readCatalogue,
  type Catalogue,
  type CatalogueKind,
  type ImportRow,
  type ReadItem,
} from '@nimble-anchor/core/formats'
import { type RestraintUnit } from '@nimble-anchor/core/restraint'
import type { EntityManager, EntityTarget } from 'typeorm'
import { FaultsException } from '../http/faults'
import { refuseUnseen } from '../http/seen'
import { openJobsOf } from '../aftercare/open-jobs'
import { anotherChildFault, recordAfter } from '../fittings/child-record'
import { familyOf } from '../families/family-of'
import { Clock } from '../http/clock'
import { Database } from '../storage/database'
import { ChildRow, ModelRow, UnitRow, VehicleRow } from '../storage/entities'

interface StoredRow {
  id: string
  body: unknown
}

const TARGETS: Record<CatalogueKind, EntityTarget<StoredRow>> = {
  vehicles: VehicleRow,
  models: ModelRow,
  units: UnitRow,
  children: ChildRow,
}

const NOTHING_IMPORTED = 'The catalogue is not valid; nothing was imported.'

@Injectable()
export class CatalogueService {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
  ) {}

  async all(): Promise<Catalogue> {
    return {
      format: CATALOGUE_FORMAT,
      version: CASE_VERSION,
      vehicles: (await this.bodies('vehicles')) as NonNullable<Catalogue['vehicles']>,
      models: (await this.bodies('models')) as NonNullable<Catalogue['models']>,
      units: (await this.bodies('units')) as NonNullable<Catalogue['units']>,
      children: (await this.bodies('children')) as NonNullable<Catalogue['children']>,
    }
  }

  /** Everything of one kind, in the order of the ids. */
  async bodies(kind: CatalogueKind): Promise<readonly unknown[]> {
    return (await this.db.read.find(TARGETS[kind], { order: { id: 'ASC' } })).map((row) => row.body)
  }

  async isEmpty(): Promise<boolean> {
    return (await this.db.read.count(VehicleRow)) === 0 && (await this.db.read.count(ModelRow)) === 0
  }

  /** Imports a catalogue, or says what would happen. */
  import(
    data: unknown,
    isPreview: boolean,
    overruled?: ReadonlySet<string>,
    seen?: string,
  ): Promise<readonly ImportRow[]> {
    const read = readCatalogue(data)
    if (!read.ok) throw new FaultsException(NOTHING_IMPORTED, read.error)
    return this.store(read.value, isPreview, overruled, seen)
  }

  /**
   * Says of each item whether it is new, changed, the same or rejected; stores all of them, or none.
   *
   * @param overruled ids of units of which the file is believed over what the shelf knows
   * @param seen of a single entry, the fingerprint of what its writer saw; a file says nothing of that
   */
  store(
    items: readonly ReadItem[],
    isPreview: boolean,
    overruled: ReadonlySet<string> = new Set(),
    seen?: string,
  ): Promise<readonly ImportRow[]> {
    const [first] = items
    if (seen !== undefined && items.length !== 1)
      throw new FaultsException(NOTHING_IMPORTED, [{ path: '$', message: 'If-Match speaks of one entry alone' }])
    return this.db.write(async (manager) => {
      if (seen !== undefined && first)
        refuseUnseen((await manager.findOneBy(TARGETS[first.kind], { id: first.id }))?.body, seen)
      const known = new Set([
        ...items.filter((i) => i.kind === 'models' && i.faults.length === 0).map((i) => i.id),
        ...(await manager.find(ModelRow, { select: { id: true } })).map((m) => m.id),
      ])
      const rows: ImportRow[] = []
      const bodies: unknown[] = []
      for (const item of items) {
        const judged = await this.judge(manager, item, known, overruled)
        rows.push(judged.row)
        bodies.push(judged.body)
      }
      if (isPreview) return rows
      const faults = rows.flatMap((r) => r.faults ?? [])
      if (faults.length > 0) throw new FaultsException(NOTHING_IMPORTED, faults)
      for (const [i, { kind, id, item }] of items.entries()) {
        if (rows[i]?.state === 'same') continue
        const body = bodies[i] as object
        const columns =
          kind === 'units'
            ? { modelId: (item as unknown as { modelId: string }).modelId }
            : kind === 'children'
              ? { familyId: await familyOf(manager, body as Child) }
              : {}
        await manager.upsert(TARGETS[kind], { id, body, ...columns }, ['id'])
      }
      return rows
    })
  }

  /** What would happen to an item, and what would be stored of it. */
  private async judge(
    manager: EntityManager,
    read: ReadItem,
    models: ReadonlySet<string>,
    overruled: ReadonlySet<string>,
  ): Promise<{ readonly row: ImportRow; readonly body: unknown }> {
    const { kind, id, item, lints } = read
    const modelId = kind === 'units' ? (item as unknown as { modelId?: string }).modelId : undefined
    const isOrphan = read.faults.length === 0 && modelId !== undefined && !models.has(modelId)
    const faults = isOrphan
      ? [
          {
            path: read.at.startsWith('$') ? `${read.at}.modelId` : `${read.at}, column unit.modelId`,
            message: `no restraint model "${modelId}"`,
          },
        ]
      : read.faults
    if (faults.length > 0) return { row: { kind, id, state: 'rejected', faults }, body: undefined }
    const old = (await manager.findOneBy(TARGETS[kind], { id }))?.body
    let body: unknown = item
    let kept: readonly UnitFact[] = []
    if (kind === 'units') {
      const brought = item as unknown as RestraintUnit
      const safe =
        old === undefined || overruled.has(id)
          ? { unit: brought, kept }
          : withoutLowering(old as RestraintUnit, brought)
      kept = safe.kept
      // A file may not know that a unit is being taken apart; the jobs on it do.
      body = unitAwaiting(safe.unit, await openJobsOf(manager, id))
    } else if (kind === 'children') {
      // A measure that nobody has dated is at most as young as the file that brings it.
      const brought = datedChild(item as unknown as Child, this.clock.today())
      const fault = old === undefined ? undefined : anotherChildFault(old as Child, brought, read.at)
      if (fault) return { row: { kind, id, state: 'rejected', faults: [fault] }, body: undefined }
      body = old === undefined ? brought : recordAfter(old as Child, { id } as Child, brought, false)
    }
    const state = old === undefined ? 'new' : isDeepStrictEqual(old, body) ? 'same' : 'changed'
    return {
      row: { kind, id, state, ...(lints.length > 0 && { lints }), ...(kept.length > 0 && { kept }) },
      body,
    }
  }

  /** Takes a model, a unit or a vehicle out of the catalogue; fittings keep their own copy of it. */
  delete(kind: 'models' | 'units' | 'vehicles', id: string): Promise<void> {
    return this.db.write(async (manager) => {
      if (kind === 'models') {
        const units = await manager.countBy(UnitRow, { modelId: id })
        if (units > 0) throw new ConflictException(`${units} of it on the shelf: take the units away first.`)
      }
      const { affected } = await manager.delete(TARGETS[kind], { id })
      if (!affected) throw new NotFoundException('There is no such entry in the catalogue.')
    })
  }
}
