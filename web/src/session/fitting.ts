import { v4 as newId } from 'uuid'
import { type Case, type Put } from '@nimble-anchor/core/casefile'
import { type Fault, FittingId } from '@nimble-anchor/core/ground'
import { type FittingView, type Stored } from '@nimble-anchor/core/formats'
import { assess, type Assessment } from '@nimble-anchor/core/verdict'
import { create } from 'zustand'
import { api, Refused, type Signing } from './api.ts'
import { settledLeaving } from './leaving.ts'
import { openDrafts, useDrafts } from './drafts.ts'
import { forgetErased } from './erased.ts'
import { fitterName, signedInAs } from './preferences.ts'
import { useWho } from './who.ts'
import { advanced, applied, outcomeOf } from './outcomes.ts'
import { listen, sendFor, sendUnkept, tell, type Conflict, type Event } from './sending.ts'
import { changeWaiting, dropWaiting, keepWaiting, waitingOf, type Waiting } from './waiting.ts'
import * as msg from './messages.en.ts'

/**
 * The fitting on screen. Entries show at once, are kept on this device, and are
 * sent one after another to the fitting they were made for; an entry leaves the
 * device only when the server has acknowledged it, so neither a lost network nor
 * a reload, nor another fitting opened meanwhile, loses or misplaces one.
 */
interface FittingState {
  readonly status: 'loading' | 'ready' | 'missing' | 'failed'
  /** What the server has acknowledged. */
  readonly view: FittingView | null
  /** The same with the waiting entries applied: what is shown. */
  readonly case: Case | null
  readonly queue: readonly Waiting[]
  readonly saving: 'saved' | 'saving' | 'offline' | 'failed'
  /** Why it is not saved, where the server said more than nothing. */
  readonly trouble: string | null
  readonly conflict: Conflict | null
  /** Said once, then taken away: refusals of the server. */
  readonly notice: string | null
  open(id: FittingId): Promise<void>
  /** Takes an entry, or says what is wrong with it and changes nothing. */
  put(puts: readonly Put[]): readonly Fault[]
  undo(): Promise<void>
  sign(signing: Signing): Promise<void>
  settleConflict(keep: 'mine' | 'theirs'): void
  /** Sends again what the program failed on. */
  tryAgain(): void
  /** Takes back, from this device alone, the entry that the program failed on; what came after it is sent. */
  dropFailed(): Promise<void>
  refresh(): Promise<void>
  clearNotice(): void
}

/** Whether the server tells more than is shown; the same state in a new object is nothing to judge again. */
const isNewer = (fresh: FittingView, shown: FittingView): boolean =>
  fresh.sequence > shown.sequence ||
  (fresh.sequence === shown.sequence && (fresh.updatedAt !== shown.updatedAt || fresh.status !== shown.status))

export const useFitting = create<FittingState>()((set, get) => {
  /** Entries made here that the device has not kept yet: a few milliseconds' worth. */
  let beingKept: readonly Waiting[] = []

  const isOpen = (id: FittingId): boolean => get().view?.id === id

  /** What is shown, and in the same breath whether it is saved: never while an entry waits. */
  const show = (view: FittingView, queue: readonly Waiting[]): void =>
    set(({ saving }) => ({
      view,
      queue,
      case: applied(view, queue),
      saving: queue.length > 0 && saving === 'saved' ? 'saving' : saving,
    }))

  /** Shows what the server and the device now hold of the open fitting. */
  async function showKept(id: FittingId, fresh?: FittingView): Promise<void> {
    const kept = await waitingOf(id).catch(() => [])
    const { view } = get()
    if (view?.id !== id) return
    const newest = fresh && isNewer(fresh, view) ? fresh : view
    const refused = kept.filter((e) => e.refused !== undefined)
    const ids = new Set(kept.map((e) => e.id))
    const queue = [...kept.filter((e) => e.refused === undefined), ...beingKept.filter((e) => e.fittingId === id && !ids.has(e.id))] // prettier-ignore
    show(newest, queue)
    if (refused.length > 0) {
      set({ notice: msg.notSaved(refused.map((e) => e.refused).join(' ')) })
      for (const { id: refusedId } of refused) await dropWaiting(refusedId)
    }
    if (queue.length === 0) set({ saving: 'saved', trouble: null })
  }

  /** Moves on to what was just stored: where it is what was shown, nothing is worked out anew. */
  async function showStored(stored: Stored): Promise<void> {
    const { view, queue } = get()
    const next = view && advanced(view, stored)
    if (!next) {
      await showKept(stored.id)
      return fetchWhole(stored.id)
    }
    const here = new Set(stored.entries.map((e) => e.id))
    show(next, queue.filter((e) => !here.has(e.id))) // prettier-ignore
    return showKept(stored.id)
  }

  async function fetchWhole(id: FittingId): Promise<void> {
    try {
      const fresh = await api.fitting(id, true)
      if (isOpen(id)) await showKept(id, fresh)
    } catch {
      // The next entry will say whether the server is there.
    }
  }

  async function hear(event: Event): Promise<void> {
    if (!isOpen(event.fittingId)) return
    switch (event.kind) {
      case 'kept':
        return showKept(event.fittingId)
      case 'stored':
        set(({ saving }) => ({ trouble: null, saving: saving === 'failed' ? 'saving' : saving }))
        return showStored(event.stored)
      case 'seen':
        return showKept(event.fittingId, event.view)
      case 'collided':
        return set({ conflict: event.conflict, saving: 'offline', trouble: null })
      case 'refused':
        await showKept(event.fittingId, event.view)
        return get().refresh()
      case 'unkept':
        set({ notice: event.message })
        return get().refresh()
      case 'offline':
        return set({ saving: 'offline', trouble: event.message })
      case 'failed':
        return set({ saving: 'failed', trouble: event.message })
    }
  }
  listen((event) => void hear(event))

  async function send(id: FittingId): Promise<void> {
    if (isOpen(id) && get().conflict) return
    await sendFor(id)
  }

  /** Keeps an entry on the device, then sends it. */
  async function keep(entry: Waiting): Promise<void> {
    beingKept = [...beingKept, entry]
    const isKept = await keepWaiting(entry).then(
      () => true,
      () => false,
    )
    if (!isKept) {
      set({ notice: msg.thisBrowserKeepsNothingOn })
      await sendUnkept(entry)
    }
    beingKept = beingKept.filter((e) => e !== entry)
    if (!isKept) return showKept(entry.fittingId)
    tell({ kind: 'kept', fittingId: entry.fittingId })
    await send(entry.fittingId)
  }

  /** Waits until every entry of the open fitting has been acknowledged. */
  async function flushed(): Promise<FittingView | null> {
    await settledLeaving()
    const id = get().view?.id
    if (id === undefined) return null
    while (beingKept.some((e) => e.fittingId === id)) await new Promise((r) => setTimeout(r, 5))
    await send(id)
    await showKept(id)
    const { view, queue } = get()
    return view?.id === id && queue.length === 0 ? view : null
  }
  /** A request that only makes sense on what is saved: undo, sign. */
  async function onSaved(request: (view: FittingView) => Promise<FittingView>): Promise<void> {
    const view = await flushed()
    if (!view) {
      set({ notice: msg.notEverythingIsSavedYet })
      return
    }
    try {
      const next = await request(view)
      tell({ kind: 'seen', fittingId: next.id, view: next })
      if (isOpen(next.id)) await showKept(next.id, next)
    } catch (error) {
      set({ notice: error instanceof Error ? error.message : String(error) })
      if (error instanceof Refused && error.current && isOpen(view.id)) await showKept(view.id, error.current)
    }
  }

  return {
    status: 'loading',
    view: null,
    case: null,
    queue: [],
    saving: 'saved',
    trouble: null,
    conflict: null,
    notice: null,

    async open(id) {
      if (get().view?.id === id) return get().refresh()
      set({ status: 'loading', view: null, case: null, queue: [], conflict: null, saving: 'saved', trouble: null })
      try {
        const [view, queue] = await Promise.all([
          api.fitting(id),
          waitingOf(id).catch(() => []),
          useDrafts.getState().load(id),
        ])
        show(view, queue)
        set({ status: 'ready' })
        await showKept(id)
        void send(id)
      } catch (error) {
        const isMissing = error instanceof Refused && (error.statusCode === 404 || error.statusCode === 400)
        // Erased, from whichever device: what this one still keeps of it goes too.
        if (isMissing) await forgetErased().catch(() => undefined)
        set({ status: isMissing ? 'missing' : 'failed' })
      }
    },

    put(puts) {
      const { view, case: current, queue } = get()
      // Said, so that what was typed stays typed.
      if (!view || !current) return [{ path: '$', message: msg.noFittingIsOpen }]
      if (view.status === 'signed') return [{ path: '$', message: msg.thisFittingIsSignedAnd }]
      if (useWho.getState().session?.person?.role === 'reader')
        return [{ path: '$', message: msg.aReaderLooksAndEnters }]
      const entry: Waiting = {
        id: newId(),
        fittingId: view.id,
        who: fitterName(),
        ...signedInAs(),
        puts,
        base: view.sequence,
        own: queue.map((e) => e.id),
      }
      const next = outcomeOf(current, entry, view.sequence + 1 + queue.length)
      if (!next.ok) return next.error
      show(view, [...queue, entry])
      void keep(entry)
      return []
    },

    undo: () => onSaved((view) => api.undo(view.id, view.sequence, fitterName())),
    async sign(signing) {
      await settledLeaving()
      if (openDrafts(useDrafts.getState().texts) > 0) return set({ notice: msg.somethingIsTypedAndNot })
      await onSaved((view) => api.sign(view.id, view.sequence, fitterName(), signing))
      if (get().view?.status === 'signed') useDrafts.getState().clear()
    },

    settleConflict(keep) {
      const { conflict } = get()
      if (!conflict) return
      const { mine, theirs } = conflict
      set({ conflict: null, saving: 'saving' })
      // Mine goes again on top of theirs, which its writer has now seen: their value stays in the history.
      const settled =
        keep === 'mine' ? changeWaiting(mine.id, { base: theirs.sequence, own: [] }) : dropWaiting(mine.id)
      void settled.then(() => showKept(mine.fittingId, theirs)).then(() => send(mine.fittingId))
    },

    tryAgain() {
      const { view } = get()
      if (!view) return
      set({ saving: 'saving', trouble: null })
      void send(view.id)
    },

    async dropFailed() {
      const { view, saving } = get()
      const [first] = view && saving === 'failed' ? await waitingOf(view.id).catch(() => []) : []
      if (!view || !first) return
      await dropWaiting(first.id)
      set({ saving: 'saving', trouble: null })
      await showKept(view.id)
      void send(view.id)
    },

    async refresh() {
      const { view, queue, conflict } = get()
      if (!view || conflict) return
      if (queue.length > 0) return send(view.id)
      return fetchWhole(view.id)
    },

    clearNotice: () => set({ notice: null }),
  }
})

const assessments = new WeakMap<Case, Assessment>()

/** The judgement on a case, worked out once per case. */
export function assessmentOf(c: Case): Assessment {
  const known = assessments.get(c)
  if (known) return known
  // Seen on the browser's own time line, and counted by the bench.
  performance.mark('assessed')
  const fresh = assess(c)
  assessments.set(c, fresh)
  return fresh
}
