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
    kind: position.facing === 'forward' ? 'pass' : 'fail',
    reason: () =>
      position.facing === 'forward'
        ? 'The seat faces forward.'
        : `The seat is ${position.facing === 'sideways' ? 'side' : 'rearward'}-facing.`,
    remedy: () => 'Use a seat that faces forward.',
  }),
})
