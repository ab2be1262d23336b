import { childComparisons, judgeComparisons } from '../predictions.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'seen-as-worked-out-child',
  title: 'Seen as it was worked out',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'advise',
  source: 'practice',
  standsOn:
    'Where what is seen differs from what was worked out by more than both are uncertain, something was measured or installed wrong.',
  applies: (s) => (childComparisons(s)?.length ?? 0) > 0,
  evaluate: (s) => judgeComparisons(childComparisons(s) ?? []),
})
