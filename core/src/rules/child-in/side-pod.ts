import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'side-pod',
  stage: 'child-in',
  source: 'maker',
  checks: ['side-pod'],
  applies: ({ mode, position }) => mode.sidePod === true && position.side !== 'centre',
})
