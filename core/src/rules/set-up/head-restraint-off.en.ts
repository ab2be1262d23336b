import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Vehicle head restraint off',
  standsOn:
    'Practice school “vehicle head restraint”: always off and stowed behind a shell with its own harness, or off only where it fouls the shell.',
  says: {
    judged: sentence<{ set: 'on' | 'off-and-stowed' | 'off-and-loose' | undefined }>({
      reason: ({ set }) =>
        set === undefined
          ? 'Whether the head restraint is off is not recorded.'
          : set === 'on'
            ? 'The head restraint is on its seat; your practice profile takes it off.'
            : 'The head restraint is off.',
      remedy: () => 'Take it off and stow it in the load space, or choose the other practice school.',
    }),
  },
})
