import { lookOutcome } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'head-line',
  title: 'Head within the maker’s line',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'Crown, eyes or ears no higher than the edge that the mode’s rule names. A mode whose rule has not been read is open.',
  checks: ['head'],
  applies: () => true,
  evaluate: (s) => {
    const outcome = lookOutcome(s, 'head')
    if (s.mode.headRule !== undefined || outcome.kind === 'fail') return outcome
    return {
      kind: 'undecided',
      missing: ['mode.headRule', ...(outcome.missing ?? [])],
      reason: () => 'Which line of the head the maker looks at has not been read.',
      remedy: () => 'Read in the manual how high the head may stand, and enter the rule with the mode.',
    }
  },
})
