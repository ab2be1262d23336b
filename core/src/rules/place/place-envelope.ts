import { isIntegral, isIsofixHeld } from '../../restraint/index.ts'
import { takenByMark, takesFixture } from '../../vehicle/index.ts'
import { isISizeAtISize, listingOf } from '../listing.ts'
import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-envelope.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'place-envelope',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'vehicle',
  applies: ({ mode, route }) => route.fixture !== undefined || (isIntegral(mode) && isIsofixHeld(route)),
  evaluate: (s) => {
    const { route, position } = s
    const { fixture } = route
    const says = fixture === undefined ? undefined : takesFixture(position.handbook, fixture)
    if (says === false) {
      return {
        kind: 'fail',
        says: say('fail', { fixture }),
      }
    }
    if (listingOf(s) === 'listed') {
      return { kind: 'pass', source: 'maker', says: say('pass') }
    }
    const mark = position.handbook?.iSize
    if (isISizeAtISize(s) && (fixture === undefined || takenByMark(mark, fixture))) {
      return { kind: 'pass', says: say('pass-2') }
    }
    if (fixture === undefined) {
      return {
        kind: 'undecided',
        source: 'maker',
        missing: ['route.fixture'],
        says: say('unknown-fixture'),
      }
    }
    const isTaken = says === true || takenByMark(mark, fixture)
    return outcomeOf(isTaken ? 'pass' : 'undecided', ['position.handbook'], {
      says: say('judged', { isTaken, fixture }),
    })
  },
})
