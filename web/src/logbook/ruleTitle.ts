import { RULES, standingRuleId, titleOf } from '@nimble-anchor/core/rules'

const RULE_TITLE = new Map(RULES.map((r) => [r.id, titleOf(r)]))

/** A rule by its title, a retired one by that of its successor; one that nobody knows by its id. */
export const ruleTitle = (id: string): string => RULE_TITLE.get(standingRuleId(id)) ?? id

/** Rules that look at what was done: those that can fail on the way of a fitting. */
export const CHECK_RULES: readonly string[] = RULES.filter(
  (r) => r.severity !== 'advise' && (r.stage === 'set-up' || r.stage === 'attach' || r.stage === 'child-in'),
).map((r) => r.id)
