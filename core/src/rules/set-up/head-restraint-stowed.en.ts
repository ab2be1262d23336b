import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Vehicle head restraint not loose',
  standsOn: 'A head restraint that is taken off is stowed in the load space: loose in the cabin it becomes a missile.',
  says: {
    judged: sentence<{ isLoose: boolean }>({
      reason: ({ isLoose }) =>
        isLoose ? 'The head restraint lies loose in the cabin.' : 'The head restraint is on its seat or stowed.',
      remedy: () => 'Stow it in the load space.',
    }),
  },
})
