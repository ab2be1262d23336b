import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './cushion-head-restraint.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'cushion-head-restraint',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  applies: ({ mode }) => mode.headRule === 'ears-below-vehicle-head-restraint' || mode.shape === 'booster-cushion',
  evaluate: ({ settings, position }) => {
    const set = settings.vehicleHeadRestraint?.value
    if (set === undefined && position.headRestraint === 'fixed') return { kind: 'pass', says: say('pass') }
    return outcomeOf(
      set === undefined ? 'undecided' : set === 'on' ? 'pass' : 'fail',
      ['setting.vehicleHeadRestraint'],
      { says: say('judged', { set }) },
    )
  },
})
