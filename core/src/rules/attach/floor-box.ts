import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'floor-box',
  title: 'Floor box bears the leg',
  stage: 'attach',
  severity: 'stop',
  source: 'vehicle',
  standsOn: 'A box that may bear a leg only filled or propped is seen to be so, by this fitter, now.',
  checks: ['floor-box'],
  applies: ({ route, position }) => route.leg !== undefined && position.floor?.kind === 'box-allowed-when-propped',
})
