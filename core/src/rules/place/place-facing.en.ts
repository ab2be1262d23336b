import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Vehicle seat faces forward',
  standsOn: 'Rearward- and side-facing vehicle seats take no restraint.',
  says: {
    judged: sentence<{ facing: 'rearward' | 'forward' | 'sideways' | undefined }>({
      reason: ({ facing }) =>
        facing === undefined
          ? 'Which way the seat faces is not known.'
          : facing === 'forward'
            ? 'The seat faces forward.'
            : `The seat is ${facing === 'sideways' ? 'side' : 'rearward'}-facing.`,
      remedy: ({ facing }) => (facing === undefined ? 'Look which way it faces.' : 'Use a seat that faces forward.'),
    }),
  },
})
