import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'wedge-allowed',
  title: 'Wedge only where the maker allows it',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  standsOn: 'Only a wedge that the maker supplies or allows goes under the base.',
  applies: ({ settings }) => settings.wedge?.value === true,
  evaluate: ({ mode }) => {
    const isAllowed = mode.wedge?.allowed === true
    return {
      kind: isAllowed ? 'pass' : 'fail',
      reason: () =>
        isAllowed ? 'The maker allows this wedge.' : 'A wedge is in, and the maker allows none with this mode.',
      remedy: () => 'Take the wedge out; choose another recline, place or restraint.',
    }
  },
})
