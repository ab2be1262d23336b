import { isISizeAtISize } from '../listing.ts'
import { factOutcome } from '../facts.ts'
import { defineRule, type Outcome, type PlaceSubject } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-tether-anchorage.en.ts'

const say = sayer<typeof en>()

const judge = (position: PlaceSubject['position']): Outcome =>
  factOutcome(position.tether?.where, 'position.tether', (where) => ({
    kind: where === 'none' ? 'fail' : 'pass',
    says: say('judged', { where }),
  }))

export default defineRule({
  id: 'place-tether-anchorage',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'vehicle',
  applies: ({ route }) => route.topTether?.use === 'required',
  evaluate: (s) =>
    s.position.tether === undefined && isISizeAtISize(s) ? { kind: 'pass', says: say('pass') } : judge(s.position),
})
