import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'carry-handle',
  stage: 'attach',
  source: 'maker',
  checks: ['carry-handle'],
  applies: ({ mode }) => mode.carryHandle !== undefined,
})
