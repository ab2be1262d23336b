import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'bench-set',
  title: 'Seat set as the handbook asks',
  stage: 'attach',
  source: 'vehicle',
  standsOn: 'Where the handbook asks for a bench or seat to be slid to one setting, it stands there and is latched.',
  checks: ['bench-set'],
  applies: ({ position }) => position.row > 1 && (position.slidingTrack?.handbookSetting ?? '') !== '',
})
