import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'leg-indicator',
  stage: 'attach',
  source: 'maker',
  checks: ['leg-indicator'],
  applies: ({ route }) => (route.leg?.proofs?.length ?? 0) > 0,
})
