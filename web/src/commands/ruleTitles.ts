import { RULES, titleOf } from '@nimble-anchor/core/rules'

/** What the palette names of the rule book; loaded after the first screen. */
export const RULE_TITLES = RULES.map((rule) => ({ id: rule.id, title: titleOf(rule) }))
