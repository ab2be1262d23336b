import type { Catalogue } from '@nimble-anchor/core/formats'
import type { StockItem } from '@nimble-anchor/core/match'
import { create } from 'zustand'
import { api } from './api.ts'
import { latest } from './latest.ts'

interface CatalogueState {
  readonly status: 'idle' | 'loading' | 'ready' | 'failed'
  readonly catalogue: Catalogue | null
  load(): Promise<void>
}

export const useCatalogue = create<CatalogueState>()((set, get) => ({
  status: 'idle',
  catalogue: null,
  load: latest(async () => {
    set({ status: 'loading' })
    try {
      set({ status: 'ready', catalogue: await api.catalogue() })
    } catch {
      set({ status: get().catalogue ? 'ready' : 'failed' })
    }
  }),
}))

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
