import { observedRule } from '../outcomes.ts'
import { isIntegral } from '../../restraint/index.ts'

export default observedRule({
  id: 'chin',
  title: 'Head lies back',
  stage: 'child-in',
  source: 'practice',
  standsOn: 'Whatever the angle, an infant’s head lies back and the chin stays off the chest, asleep too.',
  checks: ['chin'],
  applies: ({ mode, age }) =>
    mode.direction === 'rearward' &&
    isIntegral(mode) &&
    mode.shape !== 'lie-flat' &&
    (age === undefined || age.lo < 12),
})
