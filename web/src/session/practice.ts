import type { PracticeBook } from '@nimble-anchor/core/formats'
import { create } from 'zustand'
import { api } from './api.ts'

interface PracticeState {
  readonly book: PracticeBook | null
  readonly status: 'idle' | 'failed' | 'ready'
  load(): Promise<void>
  /** Sends a change and takes what the server then has; the refusal is thrown for whoever asked. */
  change(request: () => Promise<PracticeBook>): Promise<void>
}

/** Practice profiles and local rules kept for all fittings. */
export const usePracticeBook = create<PracticeState>()((set, get) => ({
  book: null,
  status: 'idle',
  async load() {
    try {
      set({ book: await api.practice(), status: 'ready' })
    } catch {
      set({ status: get().book ? 'ready' : 'failed' })
    }
  },
  async change(request) {
    set({ book: await request(), status: 'ready' })
  },
}))
