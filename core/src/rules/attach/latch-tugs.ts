import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'latch-tugs',
  title: 'A tug on each connector',
  stage: 'attach',
  source: 'practice',
  standsOn: 'An indicator can show good while the connector misses its bar: each arm is pulled on its own.',
  checks: ['tug-left', 'tug-right'],
  applies: ({ route }) => route.isofix !== undefined,
})
