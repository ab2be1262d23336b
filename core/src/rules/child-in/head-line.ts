import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'head-line',
  title: 'Head within the maker’s line',
  stage: 'child-in',
  source: 'maker',
  standsOn: 'Crown, eyes or ears no higher than the edge that the mode’s rule names.',
  checks: ['head'],
  applies: ({ mode }) => mode.headRule !== undefined,
})
