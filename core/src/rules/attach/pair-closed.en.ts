import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Nothing left half done',
  standsOn:
    'What was taken out, opened or moved to make room is put back: the second half of each pair is recorded as done.',
  says: {
    pass: sentence({ reason: () => 'Each step that had to be reversed has been reversed.' }),
    open: sentence<{ isUndone: boolean; text: string }>({
      reason: ({ isUndone, text }) => (isUndone ? `Undone since: ${text}` : `Not recorded as done: ${text}`),
      remedy: ({ text }) => `Do it and record it: ${text}`,
    }),
  },
})
