import {
  applyPuts,
  assess,
  type Assessment,
  type Case,
  type Fault,
  type Put,
  type FittingView,
} from '@nimble-anchor/core'
import { create } from 'zustand'
import { api, Refused, type Strokes } from './api.ts'
import { fitterName } from './preferences.ts'
import { keepQueue, readQueue, type Waiting } from './waiting.ts'

/**
 * The fitting on screen. Entries show at once, wait in a queue kept on this
 * device, and are sent one after another; an entry leaves the queue only when
 * the server has acknowledged it, so neither a lost network nor a reload loses one.
 */

export interface Conflict {
  readonly message: string
  readonly mine: Waiting
  readonly theirs: FittingView
}

interface FittingState {
  readonly status: 'loading' | 'ready' | 'missing' | 'failed'
  /** What the server has acknowledged. */
  readonly view: FittingView | null
  /** The same with the waiting entries applied: what is shown. */
  readonly case: Case | null
  readonly queue: readonly Waiting[]
  readonly saving: 'saved' | 'saving' | 'offline'
  readonly conflict: Conflict | null
  /** Said once, then taken away: refusals of the server. */
  readonly notice: string | null
  open(id: string): Promise<void>
  /** Takes an entry, or says what is wrong with it and changes nothing. */
  put(puts: readonly Put[]): readonly Fault[]
  undo(): Promise<void>
  sign(carerName: string, strokes?: Strokes): Promise<void>
  settleConflict(keep: 'mine' | 'theirs'): void
  refresh(): Promise<void>
  clearNotice(): void
}

const RETRY_MS = 3000
/** The acknowledged case with the waiting entries on top; one that no longer applies is left to the server to refuse. */
function withWaiting(view: FittingView, queue: readonly Waiting[]): Case {
  return queue.reduce((c, entry, i) => {
    const applied = applyPuts(c, entry.puts, view.sequence + 1 + i)
    return applied.ok ? applied.value.case : c
  }, view.case)
}

const withoutStamp = (value: unknown): string =>
  JSON.stringify(value, (key, inner: unknown) => (key === 'at' ? undefined : inner))

/** Whether a fitting already says what these puts would make it say. */
function stands(view: FittingView, puts: readonly Put[]): boolean {
  const applied = applyPuts(view.case, puts, view.sequence + 1)
  return applied.ok && applied.value.changed.every((c) => withoutStamp(c.from) === withoutStamp(c.to))
}

let retry: ReturnType<typeof setTimeout> | undefined
let sending = false

export const useFitting = create<FittingState>()((set, get) => {
  const show = (view: FittingView, queue: readonly Waiting[]): void => {
    keepQueue(view.id, queue)
    set({ view, queue, case: withWaiting(view, queue) })
  }

  async function send(): Promise<void> {
    if (sending) return
    sending = true
    clearTimeout(retry)
    try {
      for (;;) {
        const { view, queue, conflict } = get()
        const [next] = queue
        if (!view || !next || conflict) break
        set({ saving: 'saving' })
        const saved = await api.enter(view.id, view.sequence, next.who, next.puts)
        // Another fitting may have been opened meanwhile: its queue is its own.
        if (get().view?.id !== view.id) {
          keepQueue(view.id, readQueue(view.id).slice(1))
          continue
        }
        show(saved, get().queue.slice(1))
      }
      if (get().queue.length === 0) set({ saving: 'saved' })
    } catch (error) {
      const { view, queue } = get()
      const [mine, ...rest] = queue
      if (error instanceof Refused && view && mine) {
        if (error.current && stands(error.current, mine.puts)) {
          // The answer to an earlier try was lost on the way: it is saved already.
          show(error.current, rest)
          retry = setTimeout(() => void send(), 0)
        } else if (error.statusCode === 409 && error.current) {
          set({ conflict: { message: error.message, mine, theirs: error.current }, saving: 'offline' })
        } else {
          const faults = error.faults.map((f) => `${f.path} ${f.message}`).join('; ')
          show(view, rest)
          set({ notice: `${error.message} ${faults}`.trim(), saving: rest.length ? 'saving' : 'saved' })
          retry = setTimeout(() => void get().refresh(), 0)
        }
      } else {
        set({ saving: 'offline' })
        retry = setTimeout(() => void send(), RETRY_MS)
      }
    } finally {
      sending = false
    }
  }

  /** Waits until every entry has been acknowledged. */
  async function flushed(): Promise<FittingView | null> {
    await send()
    for (let i = 0; i < 100 && get().saving === 'saving'; i += 1) await new Promise((r) => setTimeout(r, 50))
    return get().queue.length === 0 ? get().view : null
  }

  /** A request that only makes sense on what is saved: undo, sign. */
  async function onSaved(request: (view: FittingView) => Promise<FittingView>): Promise<void> {
    const view = await flushed()
    if (!view) {
      set({ notice: 'Not everything is saved yet. Wait for the connection, then try again.' })
      return
    }
    try {
      show(await request(view), [])
    } catch (error) {
      const message = error instanceof Error ? error.message : String(error)
      set({ notice: message })
      if (error instanceof Refused && error.current) show(error.current, [])
    }
  }

  return {
    status: 'loading',
    view: null,
    case: null,
    queue: [],
    saving: 'saved',
    conflict: null,
    notice: null,
    async open(id) {
      if (get().view?.id === id) return get().refresh()
      set({ status: 'loading', view: null, case: null, queue: [], conflict: null, saving: 'saved' })
      try {
        const view = await api.fitting(id)
        show(view, readQueue(id))
        set({ status: 'ready' })
        void send()
      } catch (error) {
        const isMissing = error instanceof Refused && (error.statusCode === 404 || error.statusCode === 400)
        set({ status: isMissing ? 'missing' : 'failed' })
      }
    },
    put(puts) {
      const { view, case: current, queue } = get()
      if (!view || !current) return []
      if (view.status === 'signed') return [{ path: '$', message: 'This fitting is signed and closed.' }]
      const applied = applyPuts(current, puts, view.sequence + 1 + queue.length)
      if (!applied.ok) return applied.error
      show(view, [...queue, { who: fitterName(), puts }])
      void send()
      return []
    },
    undo: () => onSaved((view) => api.undo(view.id, view.sequence, fitterName())),
    sign: (carerName, strokes) => onSaved((view) => api.sign(view.id, view.sequence, fitterName(), carerName, strokes)),
    settleConflict(keep) {
      const { conflict, queue } = get()
      if (!conflict) return
      // Mine goes again on top of theirs: their value stays in the history.
      show(conflict.theirs, keep === 'mine' ? queue : queue.slice(1))
      set({ conflict: null, saving: 'saving' })
      void send()
    },
    async refresh() {
      const { view, queue, conflict } = get()
      if (!view || conflict || sending) return
      if (queue.length > 0) return send()
      try {
        const fresh = await api.fitting(view.id)
        if (get().view?.id === view.id && get().queue.length === 0 && fresh.sequence !== get().view?.sequence)
          show(fresh, [])
        if (get().queue.length === 0) set({ saving: 'saved' })
      } catch {
        // Nothing waits: the next entry will say whether the server is there.
      }
    },
    clearNotice: () => set({ notice: null }),
  }
})

const assessments = new WeakMap<Case, Assessment>()

/** The judgement on a case, worked out once per case. */
export function assessmentOf(c: Case): Assessment {
  const known = assessments.get(c)
  if (known) return known
  const fresh = assess(c)
  assessments.set(c, fresh)
  return fresh
}
