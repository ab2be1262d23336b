import { compare, exactly, type Interval } from '../quantities/index.ts'
import type { Bound, GrowingQuantity, ModeSubject, RawFinding } from './rule.ts'

/** What is known of a growing quantity today. */
export function valueNow(s: ModeSubject, quantity: GrowingQuantity): Interval | undefined {
  switch (quantity) {
    case 'massKg':
      return s.massKg
    case 'statureCm':
      return s.statureCm
    case 'ageMonths':
      return s.age
    case 'shoulderMm':
      return s.shoulder?.mm
    case 'sittingMm':
      return s.sitting?.mm
    case 'daysFromToday':
      return exactly(0)
  }
}

export const isLowerBound = ({ wording }: Bound): boolean => wording === 'at-least' || wording === 'more-than'

/**
 * Whether time alone can mend a refusal: `not-yet` when only lower limits are
 * missed, `no-longer` when an upper one is passed, `never` when the rule is not about growing.
 */
export function refusalInTime(
  { rule, outcome, bounds = [] }: RawFinding,
  s: ModeSubject,
): 'not-yet' | 'no-longer' | 'never' {
  if (outcome.kind !== 'fail') throw new Error(`${rule.id} did not refuse`)
  const missed = bounds.filter((b) => compare(valueNow(s, b.quantity), b.wording, b.limit) === 'fail')
  // A unit past its life has not been outgrown by anybody: it is out of use.
  if (missed.length === 0 || missed.some((b) => b.quantity === 'daysFromToday')) return 'never'
  return missed.every(isLowerBound) ? 'not-yet' : 'no-longer'
}
