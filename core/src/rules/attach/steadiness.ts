import { measuredOutcome } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

export const MAX_MOVEMENT_MM = 25
/** "Nothing felt", as far as a firm hand can tell. */
export const FELT_MM = 5

export default defineRule({
  id: 'steadiness',
  title: 'Movement at the base',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  standsOn: 'At the belt path or base, by a firm hand: at most 25 mm; the strict school accepts none that can be felt.',
  limits: {
    'movement, to': { value: MAX_MOVEMENT_MM, unit: 'mm' },
    'strict school, to': { value: FELT_MM, unit: 'mm' },
  },
  checks: ['steadiness-mm'],
  applies: ({ mode }) => mode.heldBy !== 'vehicle-belt',
  evaluate: (s) => {
    const isStrict = s.practice.steadiness === 'nothing-felt'
    return measuredOutcome(s, {
      id: 'steadiness-mm',
      wording: 'at-most',
      limit: isStrict ? FELT_MM : MAX_MOVEMENT_MM,
      stated: isStrict ? 'the school “nothing felt”' : 'steadiness',
      remedy: 'Put weight on it, tighten the belt or push the base home, and test again.',
    })
  },
})
