import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './head-restraint-maker.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'head-restraint-maker',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  applies: ({ route, position }) =>
    (route.vehicleHeadRestraint === 'on' || route.vehicleHeadRestraint === 'off') && position.headRestraint !== 'none',
  evaluate: ({ route, settings }) => {
    const wanted = route.vehicleHeadRestraint
    const set = settings.vehicleHeadRestraint?.value
    const is = set === undefined ? undefined : set === 'on' ? 'on' : 'off'
    return outcomeOf(
      is === undefined ? 'undecided' : is === wanted ? 'pass' : 'fail',
      ['setting.vehicleHeadRestraint'],
      { says: say('judged', { is, wanted }) },
    )
  },
})
