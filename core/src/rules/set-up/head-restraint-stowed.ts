import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'head-restraint-stowed',
  title: 'Vehicle head restraint not loose',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'practice',
  standsOn: 'A head restraint that is taken off is stowed in the load space: loose in the cabin it becomes a missile.',
  applies: ({ settings }) => settings.vehicleHeadRestraint !== undefined,
  evaluate: ({ settings }) => {
    const isLoose = settings.vehicleHeadRestraint?.value === 'off-and-loose'
    return {
      kind: isLoose ? 'fail' : 'pass',
      reason: () =>
        isLoose ? 'The head restraint lies loose in the cabin.' : 'The head restraint is on its seat or stowed.',
      remedy: () => 'Stow it in the load space.',
    }
  },
})
