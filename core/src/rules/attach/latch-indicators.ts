import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'latch-indicators',
  title: 'Both latch indicators',
  stage: 'attach',
  source: 'maker',
  standsOn:
    'Left and right connector each show that they are latched; an indicator that showed so before proves nothing.',
  checks: ['latch-left', 'latch-right'],
  applies: ({ route }) => route.isofix !== undefined,
})
