import { RETIRED_RULES } from '@nimble-anchor/core/rules'

const quoted = (id: string): string => `'${id.replaceAll("'", "''")}'`

/** A stored rule id as the rule that stands for it today: SQL over the column that holds it. */
export const standingRuleSql = (column: string): string =>
  `CASE ${column} ${Object.entries(RETIRED_RULES)
    .map(([old, now]) => `WHEN ${quoted(old)} THEN ${quoted(now)}`)
    .join(' ')} ELSE ${column} END`
