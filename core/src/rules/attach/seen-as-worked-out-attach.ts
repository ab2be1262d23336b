import { attachComparisons, judgeComparisons } from '../predictions.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'seen-as-worked-out-attach',
  title: 'Seen as it was worked out',
  scope: 'fitted',
  stage: 'attach',
  severity: 'advise',
  source: 'practice',
  standsOn:
    'Where what is seen differs from what was worked out by more than both are uncertain, something was measured or installed wrong.',
  applies: (s) => (attachComparisons(s)?.length ?? 0) > 0,
  evaluate: (s) => judgeComparisons(attachComparisons(s) ?? []),
})
