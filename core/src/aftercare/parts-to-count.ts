import type { RestraintModel } from '../restraint/index.ts'
import { PART_NAME } from './parts-to-count.en.ts'

/** What must come back with a restraint; the parts that the catalogue names, and what comes with every one. */
export function partsToCount({ model }: { readonly model: RestraintModel }): readonly string[] {
  const inserts = new Set(model.modes.flatMap((m) => m.inserts ?? []).map((i) => i.name))
  const hasWedge = model.modes.some((m) => m.wedge?.allowed)
  const hasClip = model.modes.some((m) => m.routes.some((r) => r.belt?.lock.kind === 'locking-clip'))
  return [
    ...(model.parts ?? []).map((p) => p.name),
    ...inserts,
    ...(hasWedge ? [PART_NAME.wedge] : []),
    ...(hasClip ? [PART_NAME.clip] : []),
    PART_NAME.manual,
    PART_NAME.label,
  ]
}
