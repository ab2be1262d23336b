import { defineRule } from '../rule.ts'
import { MODE_PARTS_ASKED, statedOutcome } from '../stated.ts'

export default defineRule({
  id: 'mode-stated',
  scope: 'mode',
  stage: 'choose',
  severity: 'fix',
  source: 'maker',
  applies: () => true,
  evaluate: (s) => statedOutcome(MODE_PARTS_ASKED, s),
})
