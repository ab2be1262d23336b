import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Vehicle head restraint on behind a cushion',
  standsOn:
    'A cushion does not support the head: the vehicle’s own head restraint is on its seat, raised behind the head.',
  says: {
    pass: sentence({ reason: () => 'The head restraint cannot be taken off.' }),
    judged: sentence<{ set: 'on' | 'off-and-stowed' | 'off-and-loose' | undefined }>({
      reason: ({ set }) =>
        set === undefined
          ? 'Whether the vehicle head restraint is on is not recorded.'
          : set === 'on'
            ? 'The head restraint is on its seat.'
            : 'The head restraint is off, and nothing else protects the head on a cushion.',
      remedy: () => 'Put it back on, raised behind the head.',
    }),
  },
})
