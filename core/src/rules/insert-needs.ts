import type { InsertAdvice } from '../fit/index.ts'
import type { Need } from './rule.ts'

/** What is to be known of the child before these pieces are in or out: the limits that the maker gives for them. */
export const insertNeeds = (open: readonly InsertAdvice[]): readonly Need[] => [
  ...new Set(
    open
      .flatMap(({ insert }) => [insert.requiredUntil, insert.allowedUntil])
      .flatMap((until): Need[] => [
        ...(until?.massKg === undefined ? [] : (['child.massKg'] as const)),
        ...(until?.statureCm === undefined ? [] : (['child.statureCm'] as const)),
        ...(until?.ageMonths === undefined ? [] : (['child.ageMonths'] as const)),
      ]),
  ),
]
