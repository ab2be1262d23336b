import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'booster-path',
  title: 'Belt flat in every booster guide',
  stage: 'child-in',
  source: 'maker',
  standsOn: 'The belt runs through every guide listed for the route.',
  checks: ['booster-path', 'booster-twist'],
  applies: ({ mode }) => mode.heldBy === 'vehicle-belt',
})
