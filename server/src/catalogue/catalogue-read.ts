import { Injectable } from '@nestjs/common'
import { CASE_VERSION } from '@nimble-anchor/core/casefile'
import { CATALOGUE_FORMAT, TABLE_KIND, type CatalogueKind, type TableName } from '@nimble-anchor/core/formats'
import { Database } from '../storage/database'
import { ModelRow, VehicleRow } from '../storage/entities'
import type { Waiter } from '../work/waiter'
import { Workshop } from '../work/workshop'
import { TABLES } from './judging'

/** The catalogue as files. */
@Injectable()
export class CatalogueRead {
  constructor(
    private readonly db: Database,
    private readonly workshop: Workshop,
  ) {}

  /** Some kinds of the catalogue as a file: what is stored is text already, and goes out as it is. */
  async file(kinds: readonly CatalogueKind[]): Promise<string> {
    const lists = await Promise.all(kinds.map(async (kind) => `"${kind}":[${(await this.texts(kind)).join(',')}]`))
    return `{"format":"${CATALOGUE_FORMAT}","version":${CASE_VERSION},${lists.join(',')}}`
  }

  /** The table of one kind, as a spreadsheet. */
  async table(table: TableName, waiter?: Waiter): Promise<string> {
    return this.workshop.run('toCsv', [table, await this.texts(TABLE_KIND[table])], waiter)
  }

  async isEmpty(): Promise<boolean> {
    return (await this.db.read.count(VehicleRow)) === 0 && (await this.db.read.count(ModelRow)) === 0
  }

  /** Everything of one kind as stored, in the order of the ids. */
  private async texts(kind: CatalogueKind): Promise<readonly string[]> {
    const rows = (await this.db.read.query(`SELECT "body" FROM "${TABLES[kind]}" ORDER BY "id"`)) as { body: string }[]
    return rows.map((r) => r.body)
  }
}
