import { isIntegral } from '../../restraint/index.ts'
import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'belt-path',
  title: 'Belt in every guide of this direction',
  stage: 'attach',
  source: 'maker',
  standsOn: 'Each guide in the order listed for the route; the other direction’s path is wrong.',
  checks: ['belt-path'],
  applies: ({ mode, route }) => route.belt !== undefined && isIntegral(mode),
})
