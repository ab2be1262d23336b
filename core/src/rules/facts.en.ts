import type { Sentence } from './say.ts'

/** A fact that nobody has looked up, and where to look. */
export const notKnown = (w: { readonly what: string; readonly remedy: string }): Sentence<undefined> => ({
  reason: () => `Not known: ${w.what}.`,
  remedy: () => w.remedy,
})
