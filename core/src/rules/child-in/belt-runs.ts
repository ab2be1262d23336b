import { isIntegral } from '../../restraint/index.ts'
import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'belt-runs',
  title: 'Booster’s belt not in its locked state',
  stage: 'child-in',
  source: 'maker',
  standsOn:
    'The belt that holds a child on a booster stays free to run; a switchable retractor is locked only where the maker asks for it.',
  checks: ['belt-runs'],
  applies: ({ mode }) => !isIntegral(mode),
  byRule: ({ route }) => {
    const asked = route.belt?.lock.kind === 'switchable-retractor'
    return {
      kind: asked ? 'pass' : 'fail',
      reason: asked
        ? 'The belt ratchets, as the maker asks here.'
        : 'The belt is in its locked state; here it must run.',
    }
  },
})
