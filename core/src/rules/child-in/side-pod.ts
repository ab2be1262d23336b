import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'side-pod',
  title: 'Side pod on the door side',
  stage: 'child-in',
  source: 'maker',
  standsOn: 'A pod that takes up a side impact stands out on the side of the nearer door.',
  checks: ['side-pod'],
  applies: ({ mode, position }) => mode.sidePod === true && position.side !== 'centre',
})
