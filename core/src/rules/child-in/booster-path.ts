import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'booster-path',
  stage: 'child-in',
  source: 'maker',
  checks: ['booster-path', 'booster-twist'],
  applies: ({ mode }) => mode.heldBy === 'vehicle-belt',
})
