import type { FittingSummary } from '@nimble-anchor/core'
import { create } from 'zustand'
import { api } from './api.ts'

interface TodayState {
  readonly status: 'loading' | 'ready' | 'failed'
  readonly fittings: readonly FittingSummary[]
  /** The day the server counts. */
  readonly today: string | undefined
  load(): Promise<void>
}

export const useToday = create<TodayState>()((set, get) => ({
  status: 'loading',
  fittings: [],
  today: undefined,
  async load() {
    try {
      const [fittings, health] = await Promise.all([api.fittings(), api.health()])
      set({ status: 'ready', fittings, today: health.today })
    } catch {
      set({ status: get().fittings.length > 0 ? get().status : 'failed' })
    }
  },
}))
