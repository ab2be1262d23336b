import { factOutcome } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'place-isofix-bars',
  title: 'ISOFIX bars',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'vehicle',
  standsOn: 'Connectors need two 6 mm bars, 280 mm apart, at the seat bight.',
  applies: ({ route }) => route.isofix !== undefined,
  evaluate: ({ position }) =>
    factOutcome(position.isofix?.bars, 'position.isofix', 'whether this place has ISOFIX bars', (bars) => ({
      kind: bars === 'none' ? 'fail' : 'pass',
      reason: bars === 'none' ? 'The place has no ISOFIX bars.' : `The place has ISOFIX bars (${bars}).`,
      remedy: 'Use a belt route, or a place with bars.',
    })),
})
