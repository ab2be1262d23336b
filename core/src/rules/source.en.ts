import type { RuleSource } from './rule.ts'

/** Law first, then the makers of car and restraint, then the school of practice. */
export const SOURCE_WORD = {
  regulation: 'law',
  vehicle: 'vehicle handbook',
  maker: 'maker’s manual',
  practice: 'practice',
} as const satisfies Record<RuleSource, string>

/** "the maker’s manual", "law": who decided, inside a sentence. */
export const decider = (source: RuleSource): string =>
  source === 'vehicle' || source === 'maker' ? `the ${SOURCE_WORD[source]}` : SOURCE_WORD[source]
