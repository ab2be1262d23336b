import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'head-inboard',
  stage: 'attach',
  source: 'maker',
  checks: ['head-inboard'],
  applies: ({ mode }) => mode.direction === 'lateral',
})
