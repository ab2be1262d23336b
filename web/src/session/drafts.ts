import { type FittingId } from '@nimble-anchor/core/ground'
import { useEffect, useMemo, useRef } from 'react'
import { create } from 'zustand'
import { afterLeaving } from './leaving.ts'
import { draftsOf, dropDraft, forgetDrafts, keepDraft } from './waiting.ts'

interface DraftsState {
  readonly fittingId: FittingId | undefined
  /** What is typed and not an entry yet, by field. */
  readonly texts: Readonly<Record<string, string>>
  /** Takes up what this device has kept of a fitting. */
  load(fittingId: FittingId): Promise<void>
  set(key: string, text: string | undefined): void
  /** Lets go of everything that is typed and not entered. */
  clear(): void
}

/**
 * What is typed into the fields of the open fitting and not entered yet. It
 * stands on this device from the first letter, so that neither a reload, nor
 * going back, nor a closed tab loses it.
 */
export const useDrafts = create<DraftsState>()((set, get) => ({
  fittingId: undefined,
  texts: {},
  async load(fittingId) {
    if (get().fittingId === fittingId) return
    set({ fittingId, texts: {} })
    // Where the browser keeps nothing, what is typed is on screen only.
    const kept = await draftsOf(fittingId).catch(() => [])
    if (get().fittingId === fittingId)
      set({ texts: Object.fromEntries(kept.map((d) => [d.key.slice(fittingId.length + 1), d.text])) })
  },
  set(key, text) {
    const { fittingId, texts } = get()
    const { [key]: _before, ...others } = texts
    set({ texts: text === undefined ? others : { ...others, [key]: text } })
    if (fittingId === undefined) return
    const stored = `${fittingId}/${key}`
    const keeping = text === undefined ? dropDraft(stored) : keepDraft({ key: stored, fittingId, text })
    keeping.catch(() => undefined)
  },
  clear() {
    const { fittingId } = get()
    set({ texts: {} })
    if (fittingId !== undefined) forgetDrafts(fittingId).catch(() => undefined)
  },
}))

/** Names of fields that never become entries, and wait for no one: who takes it over, for the signature. */
export const NOT_ENTRIES = 'handover.'

/** How many fields hold something that is typed and not entered. */
export const openDrafts = (texts: Readonly<Record<string, string>>): number =>
  Object.keys(texts).filter((key) => !key.startsWith(NOT_ENTRIES)).length

/** What stands in one field of the open fitting until a button makes something of it. */
export function useDraft(key: string): readonly [string | undefined, (text: string | undefined) => void] {
  const text = useDrafts((s) => s.texts[key])
  const set = useDrafts((s) => s.set)
  return [text, (typed) => set(key, typed === '' ? undefined : typed)]
}

/** Somebody who has not typed for this long has turned to the child. */
export const PAUSE_MS = 5000

export interface Typed {
  /** What is typed and not entered yet; `undefined` where nothing is. */
  readonly text: string | undefined
  readonly type: (text: string) => void
  /** The field is left: it becomes one entry, once what was gone for has been reached. */
  readonly leave: () => void
  /** It becomes one entry now. */
  readonly enter: () => void
  readonly clear: () => void
}

/**
 * One field of the open fitting. What is typed becomes one entry when the field
 * is left or after a pause.
 *
 * @param enter makes the entry, and says whether it was taken; a refused text stays as it was typed
 */
export function useTyped(key: string, enter: (text: string) => boolean): Typed {
  const text = useDrafts((s) => s.texts[key])
  const latest = useRef(enter)
  useEffect(() => {
    latest.current = enter
  })
  const actions = useMemo(() => {
    const { set } = useDrafts.getState()
    // Read when it is done: the same field may stand on screen twice, and is entered once.
    const enterNow = (): void => {
      const typed = useDrafts.getState().texts[key]
      if (typed !== undefined && latest.current(typed)) set(key, undefined)
    }
    return {
      type: (typed: string) => set(key, typed),
      enter: enterNow,
      leave: () => {
        if (useDrafts.getState().texts[key] !== undefined) afterLeaving(enterNow)
      },
      clear: () => set(key, undefined),
    }
  }, [key])
  useEffect(() => {
    if (text === undefined) return
    const timer = setTimeout(actions.enter, PAUSE_MS)
    return () => clearTimeout(timer)
  }, [text, actions])
  return { text, ...actions }
}
