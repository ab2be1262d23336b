import { RULES, titleOf } from '@nimble-anchor/core'

const RULE_TITLE = new Map(RULES.map((r) => [r.id, titleOf(r)]))

/** A rule by its title; one that the book no longer has by its id. */
export const ruleTitle = (id: string): string => RULE_TITLE.get(id) ?? id
