import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'crotch-guide',
  stage: 'child-in',
  source: 'maker',
  checks: ['crotch-guide'],
  applies: ({ mode }) => mode.crotchBeltGuide === true,
})
