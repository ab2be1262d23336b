import { Injectable } from '@nestjs/common'
import {
  CATALOGUE_FORMAT,
  catalogueSchema,
  lintModel,
  parseWith,
  type Catalogue,
  type Fault,
  type RestraintModel,
} from '@nimble-anchor/core'
import type { EntityManager, EntityTarget } from 'typeorm'
import { FaultsException } from '../http/faults'
import { Database } from '../storage/database'
import { ChildRow, ModelRow, UnitRow, VehicleRow } from '../storage/entities'

export type RowState = 'new' | 'changed' | 'same'
export interface ImportRow {
  readonly kind: 'vehicle' | 'model' | 'unit' | 'child'
  readonly id: string
  readonly state: RowState
  /** Where the entry contradicts its regulation: imported, flagged, and never ready to travel. */
  readonly lints?: readonly string[]
}

interface StoredRow {
  id: string
  body: unknown
}

@Injectable()
export class CatalogueService {
  constructor(private readonly db: Database) {}

  async all(): Promise<Catalogue> {
    const bodies = async (target: EntityTarget<StoredRow>) =>
      (await this.db.read.find(target, { order: { id: 'ASC' } })).map((row) => row.body)
    return {
      format: CATALOGUE_FORMAT,
      version: 1,
      vehicles: (await bodies(VehicleRow)) as NonNullable<Catalogue['vehicles']>,
      models: (await bodies(ModelRow)) as NonNullable<Catalogue['models']>,
      units: (await bodies(UnitRow)) as NonNullable<Catalogue['units']>,
      children: (await bodies(ChildRow)) as NonNullable<Catalogue['children']>,
    }
  }

  async isEmpty(): Promise<boolean> {
    return (await this.db.read.count(VehicleRow)) === 0 && (await this.db.read.count(ModelRow)) === 0
  }

  /** Says of each row whether it is new, changed or the same; stores all of them, or none. */
  async import(data: unknown, isPreview: boolean): Promise<readonly ImportRow[]> {
    const parsed = parseWith(catalogueSchema, data)
    if (!parsed.ok) throw new FaultsException('The catalogue is not valid; nothing was imported.', parsed.error)
    const catalogue = parsed.value
    return this.db.write(async (manager) => {
      await this.refuseOrphans(manager, catalogue)
      const rows: ImportRow[] = []
      const put = async (
        kind: ImportRow['kind'],
        target: EntityTarget<StoredRow>,
        items: readonly { id: string }[],
        extra?: (item: never) => object,
      ) => {
        for (const item of items) {
          const old = await manager.findOneBy(target, { id: item.id })
          const state: RowState = !old ? 'new' : JSON.stringify(old.body) === JSON.stringify(item) ? 'same' : 'changed'
          const lints = kind === 'model' ? lintModel(item as RestraintModel).map((l) => `${l.path}: ${l.message}`) : []
          rows.push({ kind, id: item.id, state, ...(lints.length > 0 && { lints }) })
          if (!isPreview && state !== 'same')
            await manager.save(target, { id: item.id, body: item, ...extra?.(item as never) })
        }
      }
      await put('vehicle', VehicleRow, catalogue.vehicles ?? [])
      await put('model', ModelRow, catalogue.models ?? [])
      await put('unit', UnitRow, catalogue.units ?? [], (unit: { modelId: string }) => ({ modelId: unit.modelId }))
      await put('child', ChildRow, catalogue.children ?? [])
      return rows
    })
  }

  private async refuseOrphans(manager: EntityManager, catalogue: Catalogue): Promise<void> {
    const known = new Set([
      ...(catalogue.models ?? []).map((m) => m.id),
      ...(await manager.find(ModelRow, { select: { id: true } })).map((m) => m.id),
    ])
    const faults: Fault[] = (catalogue.units ?? []).flatMap((unit, i) =>
      known.has(unit.modelId)
        ? []
        : [{ path: `$.units[${i}].modelId`, message: `no restraint model "${unit.modelId}"` }],
    )
    if (faults.length > 0) throw new FaultsException('The catalogue is not valid; nothing was imported.', faults)
  }
}
