import { CatalogueRead } from './catalogue-read'
import { ImportCatalogue } from './commands/import-catalogue'
import { TakeAway } from './commands/take-away'

/** Cars, restraints, units and children: how they stand, and everything that can be done to them, one file each. */
export const CATALOGUE = [CatalogueRead, ImportCatalogue, TakeAway]
