import { useCallback, useEffect, useId } from 'react'
import { create } from 'zustand'

interface UnsavedState {
  /** What is typed and not kept, by form: "Corran Dunlin". */
  readonly forms: Readonly<Record<string, string>>
  set(id: string, what: string | undefined): void
}

/** Forms with something typed that nobody has kept. Leaving the page asks first; see `LeaveGuard`. */
export const useUnsavedForms = create<UnsavedState>()((set) => ({
  forms: {},
  set: (id, what) =>
    set(({ forms: { [id]: _before, ...others } }) => ({
      forms: what === undefined ? others : { ...others, [id]: what },
    })),
}))

/**
 * Says that a form holds something typed and not kept.
 *
 * @returns what to call when it was kept or given up, before the page is left for it
 */
export function useUnsaved(what: string, isTyped: boolean): () => void {
  const id = useId()
  const set = useUnsavedForms((s) => s.set)
  useEffect(() => {
    set(id, isTyped ? what : undefined)
    return () => set(id, undefined)
  }, [id, set, what, isTyped])
  return useCallback(() => set(id, undefined), [id, set])
}
