import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'leg-indicator',
  title: 'Leg indicator',
  stage: 'attach',
  source: 'maker',
  standsOn: 'The foot shows good where it has an indicator.',
  checks: ['leg-indicator'],
  applies: ({ route }) => (route.leg?.proofs?.length ?? 0) > 0,
})
