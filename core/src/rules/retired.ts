/**
 * Rules that the book no longer has, and the rule that says the same now. Ids
 * are stored (entries, faults of the logbook), so an id is never used again:
 * rename a rule, and its old id belongs here.
 */
export const RETIRED_RULES: Readonly<Record<string, string>> = {
  'base-gap': 'gaps',
  'posture-specialist': 'specialist-advice',
  'preterm-care': 'specialist-advice',
}

/** The rule that stands for a stored id today: its successor, or itself. */
export const standingRuleId = (id: string): string => RETIRED_RULES[id] ?? id
