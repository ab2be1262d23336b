import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Leg stands on the floor',
  standsOn:
    'Flat on the bare floor, nothing packed under it, the base not lifted by it; on a mat only where maker or handbook lets it stay.',
  says: {
    judged: sentence<{ mayStay: boolean }>({
      reason: ({ mayStay }) =>
        mayStay ? 'The foot stands flat on the mat, which may stay here.' : 'The foot stands on the mat.',
    }),
  },
})
