import { checkLabel } from '@nimble-anchor/core/checks'
import { RETIRED_RULES, RULES, titleOf } from '@nimble-anchor/core/rules'

/** What somebody types into the search of the logbook, word by word. */

const MOST_WORDS = 8
const split = (text: string): readonly string[] => text.split(/[^\p{L}\p{N}]+/u).filter(Boolean)
export const wordsOf = (q: string): readonly string[] => split(q).slice(0, MOST_WORDS)

/**
 * Words as the search index wants them: each must occur, the last may be only
 * begun. Quoted, so that nothing that somebody types is taken for its syntax.
 */
export const matchText = (q: string): string =>
  wordsOf(q)
    .map((word) => `"${word}"*`)
    .join(' ')

/** Letters that a word must have before it is looked for among the checks: two would find half the book. */
const SHORTEST_CHECK_WORD = 3

/** Each rule with every word that it and its checks are called by; one that is retired by those of its successor. */
const RULE_WORDS: ReadonlyMap<string, readonly string[]> = (() => {
  const words = new Map(
    RULES.map((rule) => {
      const { checks } = rule as { checks?: unknown }
      const labels = Array.isArray(checks) ? (checks as Parameters<typeof checkLabel>[0][]).map((id) => checkLabel(id)) : [] // prettier-ignore
      return [rule.id, split([titleOf(rule), ...labels].join(' ').toLowerCase())] as const
    }),
  )
  for (const [old, now] of Object.entries(RETIRED_RULES)) words.set(old, words.get(now) ?? [])
  return words
})()

/** Rules of which one word begins with what was typed. */
export const rulesCalled = (word: string): readonly string[] =>
  word.length < SHORTEST_CHECK_WORD
    ? []
    : [...RULE_WORDS].filter(([, words]) => words.some((w) => w.startsWith(word.toLowerCase()))).map(([id]) => id)
