import { isIntegral } from '../../restraint/index.ts'
import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './wedge-allowed.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'wedge-allowed',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  applies: ({ mode, settings }) =>
    settings.wedge?.value === true || (isIntegral(mode) && mode.shape !== 'lie-flat' && mode.wedge?.allowed === true),
  evaluate: ({ mode, settings }) => {
    const isAllowed = mode.wedge?.allowed === true
    const isIn = settings.wedge?.value
    if (isIn === undefined) {
      return {
        kind: 'undecided',
        missing: ['setting.wedge'],
        says: say('unknown-wedge'),
      }
    }
    return {
      kind: isIn && !isAllowed ? 'fail' : 'pass',
      says: say('judged', { isIn, isAllowed }),
    }
  },
})
