import { childComparisons, judgeComparisons } from '../predictions.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'seen-as-worked-out-child',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'fix',
  source: 'practice',
  applies: (s) => (childComparisons(s)?.length ?? 0) > 0,
  evaluate: (s) => judgeComparisons(childComparisons(s) ?? []),
})
