import { attachComparisons, judgeComparisons } from '../predictions.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'seen-as-worked-out-attach',
  title: 'Seen as it was worked out',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  standsOn:
    'Where what is seen differs from what was worked out by more than both are uncertain, something was measured or installed wrong: undecided until one is corrected. What is only estimated from the stature asks for a measurement and holds nothing up.',
  applies: (s) => (attachComparisons(s)?.length ?? 0) > 0,
  evaluate: (s) => judgeComparisons(attachComparisons(s) ?? []),
})
