import { isIntegral } from '../../restraint/index.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'head-restraint-off',
  title: 'Vehicle head restraint off',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'advise',
  source: 'practice',
  standsOn:
    'Practice school “vehicle head restraint”: always off behind a shell with its own harness, and stowed; the other school takes it off only where it fouls.',
  applies: ({ mode, route, position, practice }) =>
    route.vehicleHeadRestraint === undefined &&
    practice.vehicleHeadRestraint === 'always-off' &&
    isIntegral(mode) &&
    position.headRestraint === 'removable',
  evaluate: ({ settings }) => {
    const set = settings.vehicleHeadRestraint?.value
    return {
      kind: set === undefined ? 'undecided' : set === 'on' ? 'fail' : 'pass',
      missing: set === undefined ? ['setting.vehicleHeadRestraint'] : undefined,
      reason: () =>
        set === undefined
          ? 'Whether the head restraint is off is not recorded.'
          : set === 'on'
            ? 'The head restraint is on its seat; your school takes it off.'
            : 'The head restraint is off.',
      remedy: () => 'Take it off and stow it in the load space, or choose the other school.',
    }
  },
})
