import { RULES, standingRuleId, titleOf } from '@nimble-anchor/core/rules'

const RULE_TITLE = new Map(RULES.map((r) => [r.id, titleOf(r)]))

/** A rule by its title, a retired one by that of its successor; one that nobody knows by its id. */
export const ruleTitle = (id: string): string => RULE_TITLE.get(standingRuleId(id)) ?? id
