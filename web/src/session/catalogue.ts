import type { Catalogue } from '@nimble-anchor/core/formats'
import type { StockItem } from '@nimble-anchor/core/match'
import { api } from './api.ts'
import { again, type Asking, standingOf, type Standing, UNTIL_ASKED_AGAIN, useAnswer } from './queries.ts'

const asked = { queryKey: ['catalogue'], queryFn: () => api.catalogue(), ...UNTIL_ASKED_AGAIN } as const

export const loadCatalogue = again(() => asked)

/** Restraints, units, cars and children as they are kept, asked for where nothing is known yet. */
export function useCatalogue(asking?: Asking): { readonly catalogue: Catalogue | null; readonly status: Standing } {
  const answer = useAnswer({ ...asked, ...asking })
  return { catalogue: answer.data ?? null, status: standingOf(answer) }
}
/** One thing of the catalogue; nothing else that changes draws its reader anew. */
export const useListed = <S>(select: (catalogue: Catalogue) => S): S | undefined => useAnswer({ ...asked, select }).data

/** Every unit on the shelf with its model, then the models nobody has. */
export function stockOf(catalogue: Catalogue): readonly StockItem[] {
  const models = new Map((catalogue.models ?? []).map((m) => [m.id, m]))
  const units = (catalogue.units ?? []).flatMap((unit) => {
    const model = models.get(unit.modelId)
    return model ? [{ model, unit }] : []
  })
  const onShelf = new Set(units.map((u) => u.model.id))
  return [...units, ...[...models.values()].filter((m) => !onShelf.has(m.id)).map((model) => ({ model }))]
}
