import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './R44-infant-direction.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'R44-infant-direction',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  applies: ({ mode }) =>
    mode.approval.regulation === 'R44' && mode.approval.groups.every((g) => g === '0' || g === '0+'),
  evaluate: ({ mode }) => ({
    kind: mode.direction === 'forward' ? 'fail' : 'pass',
    says: say('judged', { direction: mode.direction }),
  }),
})
