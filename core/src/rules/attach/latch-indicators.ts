import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'latch-indicators',
  stage: 'attach',
  source: 'maker',
  checks: ['latch-left', 'latch-right'],
  applies: ({ route }) => route.isofix !== undefined,
})
