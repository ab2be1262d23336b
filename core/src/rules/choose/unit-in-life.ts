import { daysBetween } from '../../quantities/index.ts'
import { lifeEnd } from '../../restraint/index.ts'
import { defineRule, rangeBounds } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './unit-in-life.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'unit-in-life',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  applies: () => true,
  bounds: (s) => {
    const end = lifeEnd(s)
    return end === undefined ? [] : rangeBounds('daysFromToday', undefined, daysBetween(s.today, end))
  },
  evaluate: (s) => {
    const end = lifeEnd(s)
    if (end === undefined) {
      return {
        kind: 'undecided',
        missing: ['unit.lifeEndsOn'],
        says: say('unknown-life-ends-on', { serial: s.unit?.serial }),
      }
    }
    const days = daysBetween(s.today, end)
    return {
      kind: days >= 0 ? 'pass' : 'fail',
      margin: days,
      unit: 'days',
      says: say('judged', { days, end }),
    }
  },
})
