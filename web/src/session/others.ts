import { create } from 'zustand'

/** Who else has the fitting open that is open here. */
export const useOthers = create<{ readonly who: readonly string[] }>()(() => ({ who: [] }))
