import type { Catalogue, StockItem } from '@nimble-anchor/core'
import { create } from 'zustand'
import { api } from './api.ts'

interface CatalogueState {
  readonly status: 'idle' | 'loading' | 'ready' | 'failed'
  readonly catalogue: Catalogue | null
  load(): Promise<void>
}

export const useCatalogue = create<CatalogueState>()((set, get) => ({
  status: 'idle',
  catalogue: null,
  async load() {
    if (get().status === 'loading') return
    set({ status: 'loading' })
    try {
      set({ status: 'ready', catalogue: await api.catalogue() })
    } catch {
      set({ status: get().catalogue ? 'ready' : 'failed' })
    }
  },
}))

/** Every unit on the shelf with its model; models nobody has stay out. */
export function stockOf(catalogue: Catalogue): readonly StockItem[] {
  const models = new Map((catalogue.models ?? []).map((m) => [m.id, m]))
  return (catalogue.units ?? []).flatMap((unit) => {
    const model = models.get(unit.modelId)
    return model ? [{ model, unit }] : []
  })
}
