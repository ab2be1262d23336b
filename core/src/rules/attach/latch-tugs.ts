import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'latch-tugs',
  stage: 'attach',
  source: 'practice',
  checks: ['tug-left', 'tug-right'],
  applies: ({ route }) => route.isofix !== undefined,
})
