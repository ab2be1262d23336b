import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'carry-handle',
  title: 'Carrying handle',
  stage: 'attach',
  source: 'maker',
  standsOn: 'The handle stands in the travel position the maker gives.',
  checks: ['carry-handle'],
  applies: ({ mode }) => mode.carryHandle !== undefined,
})
