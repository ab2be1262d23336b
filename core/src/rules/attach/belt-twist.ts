import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'belt-twist',
  title: 'Belt not twisted',
  stage: 'attach',
  source: 'maker',
  standsOn: 'Lap and diagonal section lie flat.',
  checks: ['belt-twist'],
  applies: ({ route }) => route.belt !== undefined && route.belt.lock.kind !== 'free',
})
