import { isIntegral } from '../../restraint/index.ts'
import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'belt-twist',
  title: 'Belt not twisted',
  stage: 'attach',
  source: 'maker',
  standsOn: 'Lap and diagonal section lie flat.',
  checks: ['belt-twist'],
  applies: ({ mode, route }) => route.belt !== undefined && isIntegral(mode),
})
