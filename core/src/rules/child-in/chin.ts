import { headControlOf } from '../../child/index.ts'
import { observedRule } from '../observed.ts'
import { isIntegral } from '../../restraint/index.ts'

export default observedRule({
  id: 'chin',
  stage: 'child-in',
  source: 'practice',
  checks: ['chin'],
  applies: ({ mode, age, child, today }) =>
    mode.direction === 'rearward' &&
    isIntegral(mode) &&
    mode.shape !== 'lie-flat' &&
    (age === undefined || age.lo < 12 || headControlOf(child, today) === 'none'),
})
