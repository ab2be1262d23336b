import type { Sentence } from './say.ts'

/** A fact that nobody has looked up. */
export const notKnown = (ask: string): Sentence<undefined> => ({
  reason: () => `Not known: ${ask}.`,
  remedy: () => `Find out: ${ask}.`,
})
