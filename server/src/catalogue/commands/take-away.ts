import { ConflictException, Injectable, NotFoundException } from '@nestjs/common'
import type { EntityTarget } from 'typeorm'
import { Database } from '../../storage/database'
import { ModelRow, UnitRow, VehicleRow } from '../../storage/entities'

const ROWS = { models: ModelRow, units: UnitRow, vehicles: VehicleRow } as const

/** Takes a model, a unit or a vehicle out of the catalogue; fittings keep their own copy of it. */
@Injectable()
export class TakeAway {
  constructor(private readonly db: Database) {}

  run(kind: keyof typeof ROWS, id: string): Promise<void> {
    return this.db.write(async (manager) => {
      if (kind === 'models') {
        const units = await manager.countBy(UnitRow, { modelId: id })
        if (units > 0) throw new ConflictException(`${units} of it on the shelf: take the units away first.`)
      }
      const { affected } = await manager.delete(ROWS[kind] as EntityTarget<{ id: string }>, { id })
      if (!affected) throw new NotFoundException('There is no such entry in the catalogue.')
    })
  }
}
