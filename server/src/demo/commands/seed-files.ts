import { Injectable } from '@nestjs/common'
import type { IsoDate } from '@nimble-anchor/core/ground'
import { CatalogueRead } from '../../catalogue/catalogue-read'
import { ImportCatalogue } from '../../catalogue/commands/import-catalogue'
import { demoDocuments } from '../files'

/** Imports the demo's files into an empty store, through the same door as a user's data. */
@Injectable()
export class SeedFiles {
  constructor(
    private readonly catalogue: CatalogueRead,
    private readonly importing: ImportCatalogue,
  ) {}

  /** @returns how many rows, 0 where there was something already */
  async run(demoDir: string, today: IsoDate): Promise<number> {
    if (!(await this.catalogue.isEmpty())) return 0
    let rows = 0
    for (const document of demoDocuments(demoDir, today))
      rows += (await this.importing.run(document, { isPreview: false })).length
    return rows
  }
}
