import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'bench-set',
  stage: 'attach',
  source: 'vehicle',
  checks: ['bench-set'],
  applies: ({ position }) => position.row > 1 && (position.slidingTrack?.handbookSetting ?? '') !== '',
})
