import { compare, every } from '../../quantities/index.ts'
import { observedRule } from '../outcomes.ts'
import type { FittedSubject } from '../rule.ts'

/** Over 15 months and at least 76 cm a child may face forward: the guard may be open then. */
const mayFaceForward = ({ age, statureCm }: FittedSubject): boolean =>
  every([compare(age, 'more-than', 15), compare(statureCm, 'at-least', 76)]) === 'pass'

export default observedRule({
  id: 'forward-guard',
  title: 'Guard against turning forward',
  stage: 'child-in',
  source: 'maker',
  standsOn:
    'A guard blocks the forward direction until the child may travel so; it is set before, and released only for it.',
  checks: ['forward-guard'],
  applies: (s) => s.mode.turns?.forwardGuard === true && (s.mode.direction === 'forward' || !mayFaceForward(s)),
  byRule: ({ mode }, seen) => {
    const wanted = mode.direction === 'forward' ? 'released' : 'set'
    return {
      kind: seen === wanted ? 'pass' : 'fail',
      reason: `The guard is ${seen}; ${mode.direction} it must be ${wanted}.`,
    }
  },
})
