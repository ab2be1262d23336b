import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Before anything',
  says: {
    'own-safety': () =>
      'Work from the side away from traffic; mind the child locks; feel that nothing in the shell is hot from the sun.',
    'others-first': ({ places }: { places: readonly string[] }) =>
      `Install what goes at ${places.join(' and ')} first: with this one in, it is hard to reach.`,
    'as-written': ({ text }: { text: string }) => text,
    console: () => 'Take the removable console out.',
  },
})
