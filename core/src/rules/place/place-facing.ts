import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'place-facing',
  title: 'Vehicle seat faces forward',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'regulation',
  standsOn: 'Rearward- and side-facing vehicle seats take no restraint.',
  applies: () => true,
  evaluate: ({ position }) => ({
    kind: position.facing === undefined ? 'undecided' : position.facing === 'forward' ? 'pass' : 'fail',
    missing: position.facing === undefined ? ['position.facing'] : undefined,
    reason: () =>
      position.facing === undefined
        ? 'Which way the seat faces is not known.'
        : position.facing === 'forward'
          ? 'The seat faces forward.'
          : `The seat is ${position.facing === 'sideways' ? 'side' : 'rearward'}-facing.`,
    remedy: () => (position.facing === undefined ? 'Look which way it faces.' : 'Use a seat that faces forward.'),
  }),
})
