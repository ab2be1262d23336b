import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'cushion-head-restraint',
  title: 'Vehicle head restraint on behind a cushion',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'A cushion gives the head nothing: the vehicle’s own head restraint is on its seat, raised behind the head.',
  applies: ({ mode }) => mode.headRule === 'ears-below-vehicle-head-restraint' || mode.shape === 'booster-cushion',
  evaluate: ({ settings, position }) => {
    const set = settings.vehicleHeadRestraint?.value
    if (set === undefined && position.headRestraint === 'fixed')
      return { kind: 'pass', reason: () => 'The head restraint cannot be taken off.' }
    return {
      kind: set === undefined ? 'undecided' : set === 'on' ? 'pass' : 'fail',
      missing: set === undefined ? ['setting.vehicleHeadRestraint'] : undefined,
      reason: () =>
        set === undefined
          ? 'Whether the vehicle head restraint is on is not recorded.'
          : set === 'on'
            ? 'The head restraint is on its seat.'
            : 'The head restraint is off, and nothing else protects the head on a cushion.',
      remedy: () => 'Put it back on, raised behind the head.',
    }
  },
})
