import { FittingId } from '@nimble-anchor/core/ground'
import { type FittingView, type Stored } from '@nimble-anchor/core/formats'
import { api, Failed, Refused } from './api.ts'
import { acknowledge, changeWaiting, takeOldEntries, waitingCounts, waitingOf, type Waiting } from './waiting.ts'
import * as msg from './messages.en.ts'

/**
 * Sends what waits on this device, each entry to the fitting it was made for,
 * whatever is on screen. Of all tabs of the browser one at a time sends for a
 * fitting: the browser's own lock sees to it, also when a tab is killed.
 */

/** Something happened to a fitting's queue, here or in another tab. */
export type Event =
  | { readonly kind: 'kept'; readonly fittingId: FittingId }
  /** The server has an entry, and says in short what was stored. */
  | { readonly kind: 'stored'; readonly fittingId: FittingId; readonly stored: Stored }
  /** The whole fitting came back: after an undo, a signature. */
  | { readonly kind: 'seen'; readonly fittingId: FittingId; readonly view: FittingView }
  | { readonly kind: 'collided'; readonly fittingId: FittingId; readonly conflict: Conflict }
  | { readonly kind: 'refused'; readonly fittingId: FittingId; readonly view?: FittingView | undefined }
  | { readonly kind: 'unkept'; readonly fittingId: FittingId; readonly message: string }
  | { readonly kind: 'offline'; readonly fittingId: FittingId; readonly message: string }
  /** The program failed on one entry: it stays on the device until somebody says what becomes of it. */
  | { readonly kind: 'failed'; readonly fittingId: FittingId; readonly message: string }

/** Two people on one field: what waits here, and what stands on the server. */
export interface Conflict {
  readonly message: string
  readonly mine: Waiting
  readonly theirs: FittingView
}

/** Signed out or locked; too many at once. */
const WAITS = new Set([401, 429])
const RETRY_MS = 3000
const listeners = new Set<(event: Event) => void>()
const channel = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('nimble-anchor')
channel?.addEventListener('message', ({ data }: MessageEvent<Event>) => listeners.forEach((hear) => hear(data)))

/** Tells this tab and the others. */
export function tell(event: Event): void {
  listeners.forEach((hear) => hear(event))
  channel?.postMessage(event)
}
export function listen(hear: (event: Event) => void): () => void {
  listeners.add(hear)
  return () => void listeners.delete(hear)
}

/** One at a time in this tab too, where the browser has no locks. */
const busy = new Map<string, Promise<void>>()
async function alone(name: string, work: () => Promise<void>): Promise<void> {
  if (typeof navigator !== 'undefined' && navigator.locks) return navigator.locks.request(name, work)
  const mine = (busy.get(name) ?? Promise.resolve()).then(work)
  const settled = mine.catch(() => undefined)
  busy.set(name, settled)
  await mine
}

const retries = new Map<string, ReturnType<typeof setTimeout>>()

/** Sends the queue of one fitting until it is empty, or something stands in its way. */
export function sendFor(fittingId: FittingId): Promise<void> {
  clearTimeout(retries.get(fittingId))
  return alone(`nimble-anchor.send.${fittingId}`, async () => {
    for (;;) {
      const next = (await waitingOf(fittingId).catch(() => [])).find((e) => e.refused === undefined)
      if (!next || !(await sendOne(next))) return
    }
  })
}

/** Whether the queue may go on. */
async function sendOne(entry: Waiting): Promise<boolean> {
  const { fittingId } = entry
  try {
    const stored = await api.enter(fittingId, entry)
    await acknowledge(entry, stored.entries.find((e) => e.id === entry.id)?.sequence ?? stored.sequence)
    tell({ kind: 'stored', fittingId, stored })
    return true
  } catch (error) {
    if (error instanceof Failed) {
      tell({ kind: 'failed', fittingId, message: error.message })
      return false
    }
    if (!(error instanceof Refused)) {
      tell({ kind: 'offline', fittingId, message: error instanceof Error ? error.message : String(error) })
      retries.set(
        fittingId,
        setTimeout(() => void sendFor(fittingId), RETRY_MS),
      )
      return false
    }
    // It waits until somebody has signed in, or until whoever made it has, or for a moment.
    if (WAITS.has(error.statusCode) || error.asks === 'author') {
      tell({ kind: 'offline', fittingId, message: error.message })
      return false
    }
    if (error.statusCode === 409 && error.current) {
      tell({ kind: 'collided', fittingId, conflict: { message: error.message, mine: entry, theirs: error.current } })
      return false
    }
    const faults = error.faults.map((f) => `${f.path} ${f.message}`).join('; ')
    await changeWaiting(entry.id, { refused: `${error.message} ${faults}`.trim() })
    tell({ kind: 'refused', fittingId, view: error.current })
    return true
  }
}

/** Sends an entry that the browser would not keep, until the server has answered. */
export async function sendUnkept(entry: Waiting): Promise<void> {
  const { fittingId } = entry
  return alone(`nimble-anchor.send.${fittingId}`, async () => {
    for (;;) {
      try {
        return tell({ kind: 'stored', fittingId, stored: await api.enter(fittingId, entry) })
      } catch (error) {
        const message = error instanceof Error ? error.message : String(error)
        if ((error instanceof Refused && !WAITS.has(error.statusCode)) || error instanceof Failed)
          return tell({ kind: 'unkept', fittingId, message: msg.notSaved(message) })
        tell({ kind: 'offline', fittingId, message })
        await new Promise((r) => setTimeout(r, RETRY_MS))
      }
    }
  })
}

/** At the start: whatever waits on this device, for whichever fitting. */
export async function sendAll(): Promise<void> {
  await takeOldEntries()
  for (const fittingId of (await waitingCounts()).keys()) void sendFor(FittingId(fittingId))
}
