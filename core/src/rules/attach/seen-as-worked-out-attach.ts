import { attachComparisons, judgeComparisons } from '../predictions.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'seen-as-worked-out-attach',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  applies: (s) => (attachComparisons(s)?.length ?? 0) > 0,
  evaluate: (s) => judgeComparisons(attachComparisons(s) ?? []),
})
