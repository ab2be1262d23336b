import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'nothing-added',
  title: 'Nothing that the maker did not supply',
  stage: 'attach',
  source: 'maker',
  standsOn: 'Mats, pads, strap clips and cushions of another make were not tested with it.',
  checks: ['nothing-added'],
  applies: () => true,
})
