import { isIntegral } from '../../restraint/index.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'wedge-allowed',
  title: 'Wedge only where the maker allows it',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'Only a wedge that the maker supplies or allows goes under the base; where there is one, whether it is in is said.',
  applies: ({ mode, settings }) =>
    settings.wedge?.value === true || (isIntegral(mode) && mode.shape !== 'lie-flat' && mode.wedge?.allowed === true),
  evaluate: ({ mode, settings }) => {
    const isAllowed = mode.wedge?.allowed === true
    const isIn = settings.wedge?.value
    if (isIn === undefined) {
      return {
        kind: 'undecided',
        missing: ['setting.wedge'],
        reason: () => 'A wedge belongs to this mode; whether it is in is not recorded.',
        remedy: () => 'Record whether the wedge is in.',
      }
    }
    return {
      kind: isIn && !isAllowed ? 'fail' : 'pass',
      reason: () =>
        !isIn
          ? 'The wedge is not in.'
          : isAllowed
            ? 'The maker allows this wedge.'
            : 'A wedge is in, and the maker allows none with this mode.',
      remedy: () => 'Take the wedge out; choose another recline, place or restraint.',
    }
  },
})
