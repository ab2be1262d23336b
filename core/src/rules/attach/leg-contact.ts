import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'leg-contact',
  title: 'Leg stands on the floor',
  stage: 'attach',
  source: 'maker',
  standsOn: 'Flat on the bare floor, nothing packed under it, the base not lifted by it.',
  checks: ['leg-contact'],
  applies: ({ route }) => route.leg !== undefined,
})
