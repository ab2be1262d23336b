import { isIntegral, isIsofixHeld } from '../../restraint/index.ts'
import { lookOutcome } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'base-gap',
  title: 'Gap behind or under the base',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  standsOn:
    'Practice school “gap”: none between base and backrest or cushion; or accepted on ISOFIX with a top tether where the maker says so. Without the maker’s word a gap is put right.',
  checks: ['base-gap'],
  // Where the maker asks for it pushed home, that is looked at instead.
  applies: ({ mode, route }) => isIntegral(mode) && isIsofixHeld(route) && route.isofix?.pushedHome !== 'required',
  evaluate: (s) => {
    const { route, practice } = s
    const makerAccepts =
      route.gapAccepted === true && route.topTether !== undefined && route.topTether.use !== 'not-used'
    const isAccepted = makerAccepts && practice.baseGap === 'accepted-where-maker-says'
    const outcome = lookOutcome(s, 'base-gap', () => ({
      kind: isAccepted ? 'pass' : 'fail',
      reason: isAccepted
        ? 'There is a gap; the maker accepts it on this route, and so does your school.'
        : makerAccepts
          ? 'There is a gap; the maker accepts it on this route, your school does not.'
          : 'There is a gap, and the maker does not say that it may stay.',
      remedy: 'Push the base home; take off a head restraint that holds it away; or use another place.',
    }))
    const isSchoolAlone = makerAccepts && outcome.kind === 'fail'
    return { ...outcome, source: isAccepted ? 'maker' : 'practice', severity: isSchoolAlone ? 'advise' : 'fix' }
  },
})
