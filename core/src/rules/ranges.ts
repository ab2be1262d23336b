import { nearestEnd, within, type Interval } from '../quantities/index.ts'
import { outcomeOf, type Need, type Outcome, type RuleSource } from './rule.ts'
import type { Said } from './say.ts'

interface RangeQuestion {
  readonly unit: string
  readonly measured: Interval | undefined
  readonly from?: number | undefined
  readonly to?: number | undefined
  readonly need: Need
  readonly source?: RuleSource
}

/**
 * Both ends belong to the range: "9–18 kg" takes 9.0 and 18.0. Says the rule's
 * own message `range` (`rangeSentence`), with `more` beside the figures.
 */
export function rangeOutcome(q: RangeQuestion, more?: object): Outcome {
  const { measured, from, to, unit } = q
  const kind = measured === undefined ? 'undecided' : within(measured, from, to)
  const says: Said = { message: 'range', data: { kind, unit, measured, from, to, ...more } }
  if (measured === undefined) return { kind, missing: [q.need], says, source: q.source }
  return outcomeOf(kind, [q.need], {
    measured,
    unit,
    ...nearestEnd(measured, from, to),
    range: { from, to },
    source: q.source,
    says,
  })
}
