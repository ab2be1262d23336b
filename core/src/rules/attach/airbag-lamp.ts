import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'airbag-lamp',
  title: 'Airbag seen off',
  stage: 'attach',
  source: 'vehicle',
  standsOn: 'Before a rearward child the frontal airbag is off, and its lamp is seen to say so.',
  checks: ['airbag-lamp'],
  applies: ({ mode, position }) => mode.direction !== 'forward' && position.frontAirbag === 'can-be-switched-off',
})
