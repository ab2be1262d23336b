import { type FittingId } from '@nimble-anchor/core/ground'
import { v4 as newId } from 'uuid'
import type { HereSaid, HereView, LiveEvent } from '@nimble-anchor/core/formats'
import { api } from './api.ts'
import { loadCatalogue } from './catalogue.ts'
import { useFitting } from './fitting.ts'
import { fitterName } from './preferences.ts'
import { useOthers } from './others.ts'
import { loadToday } from './today.ts'
import { useWho } from './who.ts'

/**
 * What other devices do, as they do it. Of all tabs of a browser one listens to
 * the server and tells the others; where the browser has no locks each listens
 * for itself. Nothing here is needed: without it every page still looks again by
 * itself, only later.
 */

/** An id of this tab, by which it does not count itself among the others. */
const TAB = newId()
/** What this tab has said so far: its leaving may overtake its coming on the way. */
let sayings = 0
const saying = (fittingId: FittingId | null): HereSaid => ({ tab: TAB, fittingId, nth: ++sayings, who: fitterName() })
const STILL_HERE_MS = 20_000
/** What comes in one breath is looked at once. */
const TOGETHER_MS = 120

const channel = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('nimble-anchor.live')

let isListening = false
/** Begins to listen, once. */
export function listenLive(): void {
  if (isListening) return
  isListening = true
  channel?.addEventListener('message', ({ data }: MessageEvent<LiveEvent>) => hear(data))
  const listen = (): Promise<never> =>
    new Promise(() => {
      const stream = new EventSource('/api/live')
      stream.addEventListener('message', ({ data }: MessageEvent<string>) => {
        const event = JSON.parse(data) as LiveEvent
        hear(event)
        channel?.postMessage(event)
      })
      // Refused for good, not merely cut off: somebody signs in first, then it is tried again.
      stream.addEventListener('error', () => {
        if (stream.readyState === EventSource.CLOSED) setTimeout(() => void waitForPerson().then(listen), 5000)
      })
    })
  // Held until this tab goes; then the next one listens.
  if (navigator.locks) void navigator.locks.request('nimble-anchor.live', listen)
  else void listen()
  sayWhere()
  setInterval(sayWhere, STILL_HERE_MS)
  useFitting.subscribe((now, before) => {
    if (now.view?.id !== before.view?.id) sayWhere()
  })
  addEventListener('pagehide', () => {
    const { view } = useFitting.getState()
    if (view) navigator.sendBeacon('/api/live/here', new Blob([JSON.stringify(saying(null))], { type: 'application/json' })) // prettier-ignore
  })
}

const waitForPerson = (): Promise<void> =>
  new Promise((resolve) => {
    const isThere = (): boolean => {
      const { session } = useWho.getState()
      return session !== undefined && (!session.hasPeople || session.person !== null)
    }
    if (isThere()) return resolve()
    const leave = useWho.subscribe(() => {
      if (!isThere()) return
      leave()
      resolve()
    })
  })

/** The page, not the address: a fitting that is left is still in the store. */
function openFitting(): FittingId | null {
  const { view } = useFitting.getState()
  return view !== null && location.pathname.startsWith(`/fittings/${view.id}`) ? view.id : null
}
let said: FittingId | null = null
function sayWhere(): void {
  const id = document.visibilityState === 'visible' ? openFitting() : null
  if (id === null && said === null) return
  if (id !== said) useOthers.setState({ who: [] })
  said = id
  api.here(saying(id)).then(
    (here) => 'kind' in here && showOthers(here as HereView),
    () => undefined,
  )
}
function showOthers({ fittingId, tabs }: HereView): void {
  if (fittingId === openFitting()) useOthers.setState({ who: tabs.filter((t) => t.tab !== TAB).map((t) => t.who) })
}

const waiting = new Map<string, () => void>()
function together(what: string, look: () => void): void {
  if (waiting.size === 0 || !waiting.has(what))
    setTimeout(() => {
      const now = waiting.get(what)
      waiting.delete(what)
      now?.()
    }, TOGETHER_MS)
  waiting.set(what, look)
}

function hear(event: LiveEvent): void {
  const { view, refresh } = useFitting.getState()
  switch (event.kind) {
    case 'here':
      return showOthers(event)
    case 'fitting':
      if (view?.id === event.fittingId && (event.sequence > view.sequence || event.status !== view.status))
        together('fitting', () => void refresh())
      return together('day', lookAtDay)
    case 'day':
      return together('day', lookAtDay)
    case 'catalogue':
      return together('catalogue', () => {
        void loadCatalogue()
        void loadToday(true)
      })
  }
}
/** The list of today is looked at by whoever has it open; others see it when they come to it. */
function lookAtDay(): void {
  if (location.pathname === '/' && document.visibilityState === 'visible') void loadToday(true)
}
