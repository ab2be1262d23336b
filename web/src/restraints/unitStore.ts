import { CASE_VERSION } from '@nimble-anchor/core/casefile'
import { CATALOGUE_FORMAT } from '@nimble-anchor/core/formats'
import type { RestraintUnit } from '@nimble-anchor/core/restraint'
import { api } from '../session/api.ts'
import { keepSeen } from '../session/meanwhile.ts'

/** Said by hand, about this very unit: it stands, also where it takes a graver fact back. */
export const keepUnit = (unit: Partial<RestraintUnit>, seen: unknown): Promise<unknown> =>
  keepSeen(`Unit ${unit.serial ?? ''}`, unit, seen, (at) =>
    api.importCatalogue(
      { format: CATALOGUE_FORMAT, version: CASE_VERSION, units: [unit] },
      { overrule: [unit.id ?? ''], seen: at },
    ),
  )
