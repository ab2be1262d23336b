import type { DayView, FittingSummary } from '@nimble-anchor/core/formats'
import { create } from 'zustand'
import { api } from './api.ts'

interface TodayState {
  readonly status: 'loading' | 'ready' | 'failed'
  readonly fittings: readonly FittingSummary[]
  /** The queue, what has come due, open jobs. */
  readonly day: DayView | undefined
  /** The day the server counts. */
  readonly today: string | undefined
  load(): Promise<void>
}

export const useToday = create<TodayState>()((set, get) => ({
  status: 'loading',
  fittings: [],
  day: undefined,
  today: undefined,
  async load() {
    try {
      const [fittings, day] = await Promise.all([api.fittings(), api.day()])
      set({ status: 'ready', fittings, day, today: day.today })
    } catch {
      set({ status: get().fittings.length > 0 ? get().status : 'failed' })
    }
  },
}))
