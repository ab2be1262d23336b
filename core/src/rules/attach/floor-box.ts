import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'floor-box',
  stage: 'attach',
  severity: 'stop',
  source: 'vehicle',
  checks: ['floor-box'],
  applies: ({ route, position }) => route.leg !== undefined && position.floor?.kind === 'box-allowed-when-propped',
})
