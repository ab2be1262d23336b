import { isIntegral, isIsofixHeld } from '../../restraint/index.ts'
import { FIXTURE_TEXT, ISIZE_FIXTURES, takesFixture } from '../../vehicle/index.ts'
import { isISizeAtISize, listingOf } from '../listing.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'place-envelope',
  title: 'Room for the restraint’s envelope',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'vehicle',
  standsOn:
    'UN R16 fixtures: a larger envelope takes the smaller of its kind; i-Size takes R2 and F2X. A restraint held by ISOFIX states its envelope, unless it is i-Size at an i-Size place.',
  applies: ({ mode, route }) => route.fixture !== undefined || (isIntegral(mode) && isIsofixHeld(route)),
  evaluate: (s) => {
    const { route, position } = s
    const { fixture } = route
    const says = fixture === undefined ? undefined : takesFixture(position.handbook, fixture)
    const text = fixture === undefined ? '' : `${fixture} (${FIXTURE_TEXT[fixture]})`
    if (says === false) {
      return {
        kind: 'fail',
        reason: () => `The place does not take the envelope ${text}.`,
        remedy: () => 'Use a place with more room, or a smaller restraint.',
      }
    }
    if (listingOf(s) === 'listed') {
      return { kind: 'pass', source: 'maker', reason: () => 'A maker has tried it at this place of this car.' }
    }
    if (isISizeAtISize(s) && (fixture === undefined || ISIZE_FIXTURES.includes(fixture))) {
      return { kind: 'pass', reason: () => 'An i-Size place takes what is approved i-Size.' }
    }
    if (fixture === undefined) {
      return {
        kind: 'undecided',
        source: 'maker',
        missing: ['route.fixture'],
        reason: () => 'Which envelope it needs has not been read; a restraint held by ISOFIX needs one.',
        remedy: () => 'Read the envelope on the label or in the manual, and enter it with the route.',
      }
    }
    const mark = position.handbook?.iSize
    const isTaken = says === true || ((mark === 'i-U' || mark === 'i-UF') && ISIZE_FIXTURES.includes(fixture))
    return {
      kind: isTaken ? 'pass' : 'undecided',
      missing: isTaken ? undefined : ['position.handbook'],
      reason: () =>
        isTaken ? `The place takes the envelope ${text}.` : `Not known: whether the place takes the envelope ${text}.`,
      remedy: () => 'Read the fixtures listed in the handbook.',
    }
  },
})
