import { isISizeAtISize } from '../listing.ts'
import { factOutcome } from '../outcomes.ts'
import { defineRule, type Outcome, type PlaceSubject } from '../rule.ts'

const judge = (position: PlaceSubject['position']): Outcome =>
  factOutcome(
    position.tether?.where,
    'position.tether',
    'whether this place has a tether anchorage, and where',
    (where) => ({
      kind: where === 'none' ? 'fail' : 'pass',
      reason: where === 'none' ? 'The place has no tether anchorage.' : `Tether anchorage: ${where.replace('-', ' ')}.`,
      remedy: 'Use a place with an anchorage, or a route without a tether.',
    }),
  )

export default defineRule({
  id: 'place-tether-anchorage',
  title: 'Top-tether anchorage',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'vehicle',
  standsOn: 'A required tether needs a real anchorage, not a luggage ring; a leg does not stand in for it.',
  applies: ({ route }) => route.topTether?.use === 'required',
  evaluate: (s) =>
    s.position.tether === undefined && isISizeAtISize(s)
      ? { kind: 'pass', reason: () => 'An i-Size place has a tether anchorage; the handbook says nothing else.' }
      : judge(s.position),
})
