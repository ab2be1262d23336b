import type { PracticeBook } from '@nimble-anchor/core/formats'
import { create } from 'zustand'
import { api } from './api.ts'
import { latest } from './latest.ts'

interface PracticeState {
  readonly book: PracticeBook | null
  readonly status: 'idle' | 'failed' | 'ready'
  load(): Promise<void>
  /** Sends a change and takes what the server then has; the refusal is thrown for whoever asked. */
  change(request: () => Promise<PracticeBook>): Promise<void>
}

let changes = 0

/** Practice profiles and local rules kept for all fittings. */
export const usePracticeBook = create<PracticeState>()((set, get) => ({
  book: null,
  status: 'idle',
  load: latest(async () => {
    const before = changes
    try {
      const book = await api.practice()
      // Asked for before a change of one's own, it is older than what is shown.
      if (before === changes) set({ book, status: 'ready' })
    } catch {
      set({ status: get().book ? 'ready' : 'failed' })
    }
  }),
  async change(request) {
    const book = await request()
    changes += 1
    set({ book, status: 'ready' })
  },
}))
