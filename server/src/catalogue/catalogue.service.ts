import { ConflictException, Injectable, NotFoundException } from '@nestjs/common'
import {
  CASE_VERSION,
  CATALOGUE_FORMAT,
  datedChild,
  readCatalogue,
  unitAwaiting,
  type Catalogue,
  type CatalogueKind,
  type Child,
  type ImportRow,
  type ReadItem,
  type RestraintUnit,
} from '@nimble-anchor/core'
import type { EntityManager, EntityTarget } from 'typeorm'
import { FaultsException } from '../http/faults'
import { openJobsOf } from '../aftercare/open-jobs'
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
  import(data: unknown, isPreview: boolean): Promise<readonly ImportRow[]> {
    const read = readCatalogue(data)
    if (!read.ok) throw new FaultsException(NOTHING_IMPORTED, read.error)
    return this.store(read.value, isPreview)
  }

  /** Says of each item whether it is new, changed, the same or rejected; stores all of them, or none. */
  store(items: readonly ReadItem[], isPreview: boolean): Promise<readonly ImportRow[]> {
    return this.db.write(async (manager) => {
      const known = new Set([
        ...items.filter((i) => i.kind === 'models' && i.faults.length === 0).map((i) => i.id),
        ...(await manager.find(ModelRow, { select: { id: true } })).map((m) => m.id),
      ])
      const rows: ImportRow[] = []
      for (const item of items) rows.push(await this.judge(manager, item, known))
      if (isPreview) return rows
      const faults = rows.flatMap((r) => r.faults ?? [])
      if (faults.length > 0) throw new FaultsException(NOTHING_IMPORTED, faults)
      for (const [i, { kind, id, item }] of items.entries()) {
        if (rows[i]?.state === 'same') continue
        const columns =
          kind === 'units'
            ? { modelId: (item as unknown as { modelId: string }).modelId }
            : kind === 'children'
              ? { familyId: await familyOf(manager, item as unknown as Child) }
              : {}
        // A file may not know that a unit is being taken apart; the jobs on it do.
        const body =
          kind === 'units'
            ? unitAwaiting(item as unknown as RestraintUnit, await openJobsOf(manager, id))
            : kind === 'children'
              ? // A measure that nobody has dated is at most as young as the file that brings it.
                datedChild(item as unknown as Child, this.clock.today())
              : (item as object)
        await manager.save(TARGETS[kind], { id, body, ...columns })
      }
      return rows
    })
  }

  private async judge(manager: EntityManager, read: ReadItem, models: ReadonlySet<string>): Promise<ImportRow> {
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
    if (faults.length > 0) return { kind, id, state: 'rejected', faults }
    const old = await manager.findOneBy(TARGETS[kind], { id })
    const state = !old ? 'new' : JSON.stringify(old.body) === JSON.stringify(item) ? 'same' : 'changed'
    return { kind, id, state, ...(lints.length > 0 && { lints }) }
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
