import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'strap-twist',
  stage: 'child-in',
  source: 'maker',
  checks: ['strap-twist'],
  applies: ({ mode }) => mode.heldBy === 'harness',
})
