import { type IsoDate } from '@nimble-anchor/core/ground'
import type { DayView, FittingSummary } from '@nimble-anchor/core/formats'
import { create } from 'zustand'
import { api } from './api.ts'
import { latest } from './latest.ts'

interface TodayState {
  readonly status: 'loading' | 'ready' | 'failed'
  readonly fittings: readonly FittingSummary[]
  /** The queue, what has come due, open jobs. */
  readonly day: DayView | undefined
  /** The day the server counts. */
  readonly today: IsoDate | undefined
  /** @param isByItself nobody has asked for it: it keeps no device from locking */
  load(isByItself?: boolean): Promise<void>
}

export const useToday = create<TodayState>()((set, get) => ({
  status: 'loading',
  fittings: [],
  day: undefined,
  today: undefined,
  load: latest(async (isByItself = false) => {
    try {
      const [fittings, day] = await Promise.all([api.fittings(isByItself), api.day(isByItself)])
      set({ status: 'ready', fittings, day, today: day.today })
    } catch {
      set({ status: get().fittings.length > 0 ? get().status : 'failed' })
    }
  }),
}))
