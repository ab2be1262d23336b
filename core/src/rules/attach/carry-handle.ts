import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'carry-handle',
  stage: 'attach',
  source: 'maker',
  checks: ['carry-handle'],
  applies: ({ mode }) => mode.carryHandle !== undefined,
})
