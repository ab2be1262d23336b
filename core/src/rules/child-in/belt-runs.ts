import { isIntegral } from '../../restraint/index.ts'
import { observedRule } from '../observed.ts'
import { sayer } from '../say.ts'
import type en from './belt-runs.en.ts'

const say = sayer<typeof en>()

export default observedRule({
  id: 'belt-runs',
  stage: 'child-in',
  source: 'maker',
  checks: ['belt-runs'],
  applies: ({ mode }) => !isIntegral(mode),
  byRule: ({ route }) => {
    const asked = route.belt?.lock.kind === 'switchable-retractor'
    return {
      kind: asked ? 'pass' : 'fail',
      says: say('judged', { asked }),
    }
  },
})
