import { daysBetween } from '../../quantities/index.ts'
import { defineRule, rangeBounds } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './local-r44.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'local-r44',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  applies: ({ mode }) => mode.approval.regulation === 'R44',
  bounds: ({ localRule: { r44Use }, today }) =>
    typeof r44Use === 'object' ? rangeBounds('daysFromToday', undefined, daysBetween(today, r44Use.notAfter)) : [],
  evaluate: ({ localRule: { name, r44Use }, today }) => {
    if (r44Use === undefined) {
      // The use of what was sold under UN R44 is mostly allowed still: it is asked, and holds nobody up.
      return { kind: 'undecided', severity: 'advise', missing: ['localRule.r44Use'], says: say('not-known', { name }) }
    }
    if (r44Use === 'allowed') return { kind: 'pass', says: say('allowed', { name }) }
    const { notAfter } = r44Use
    const daysLeft = daysBetween(today, notAfter)
    return {
      kind: daysLeft >= 0 ? 'pass' : 'fail',
      margin: daysLeft,
      limit: 0,
      unit: 'days',
      says: say('not-after', { name, notAfter, isOver: daysLeft < 0 }),
    }
  },
})
