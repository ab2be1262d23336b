import { isIntegral } from '../../restraint/index.ts'
import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './head-restraint-off.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'head-restraint-off',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'advise',
  source: 'practice',
  applies: ({ mode, route, position, practice }) =>
    route.vehicleHeadRestraint === undefined &&
    practice.vehicleHeadRestraint === 'always-off' &&
    isIntegral(mode) &&
    position.headRestraint === 'removable',
  evaluate: ({ settings }) => {
    const set = settings.vehicleHeadRestraint?.value
    return outcomeOf(
      set === undefined ? 'undecided' : set === 'on' ? 'fail' : 'pass',
      ['setting.vehicleHeadRestraint'],
      { says: say('judged', { set }) },
    )
  },
})
