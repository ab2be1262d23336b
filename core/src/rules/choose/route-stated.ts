import { defineRule } from '../rule.ts'
import { ROUTE_PARTS_ASKED, statedOutcome } from '../stated.ts'

export default defineRule({
  id: 'route-stated',
  scope: 'route',
  stage: 'choose',
  severity: 'fix',
  source: 'maker',
  applies: () => true,
  evaluate: (s) => statedOutcome(ROUTE_PARTS_ASKED, s),
})
