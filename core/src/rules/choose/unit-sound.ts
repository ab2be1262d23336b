import { defineRule, outcomeOf } from '../rule.ts'
import { unitState } from '../unit-state.ts'
import { sayer } from '../say.ts'
import type en from './unit-sound.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'unit-sound',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  applies: () => true,
  evaluate: ({ unit }) => {
    const { faults, unknown } = unitState(unit)
    const kind = faults.length > 0 ? 'fail' : unknown.length > 0 ? 'undecided' : 'pass'
    return outcomeOf(kind, ['unit.history'], { says: say('state', { serial: unit?.serial, faults, unknown }) })
  },
})
