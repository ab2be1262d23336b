import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'latch-tugs',
  stage: 'attach',
  source: 'practice',
  checks: ['tug-left', 'tug-right'],
  applies: ({ route }) => route.isofix !== undefined,
})
