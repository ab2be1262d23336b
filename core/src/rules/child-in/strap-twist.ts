import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'strap-twist',
  title: 'Harness not twisted',
  stage: 'child-in',
  source: 'maker',
  standsOn: 'Each strap lies flat from shell to buckle.',
  checks: ['strap-twist'],
  applies: ({ mode }) => mode.heldBy === 'harness',
})
