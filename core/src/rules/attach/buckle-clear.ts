import { observedRule } from '../outcomes.ts'
import { isIntegral } from '../../restraint/index.ts'

export default observedRule({
  id: 'buckle-clear',
  title: 'Buckle clear at the side',
  stage: 'attach',
  severity: 'stop',
  source: 'maker',
  standsOn: 'Neither buckle nor stalk bears on the frame’s side or bends round its edge, where a crash would load it.',
  checks: ['buckle-clear'],
  applies: ({ mode, route }) => route.belt !== undefined && isIntegral(mode),
})
