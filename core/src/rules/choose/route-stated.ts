import { defineRule } from '../rule.ts'
import { ROUTE_PARTS_ASKED, statedOutcome } from '../stated.ts'

export default defineRule({
  id: 'route-stated',
  title: 'What the manual says of the route has been read',
  scope: 'route',
  stage: 'choose',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'Each optional part of a route is described, or said to be none; one of which nothing is said asks one question.',
  applies: () => true,
  evaluate: (s) => statedOutcome(ROUTE_PARTS_ASKED, s),
})
