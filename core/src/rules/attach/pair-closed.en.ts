import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Nothing left half done',
  standsOn: 'What was taken out, opened or moved to make room is put back: the second half of a pair is noted as done.',
  says: {
    pass: sentence({ reason: () => 'Each step that had to be undone again is noted as done.' }),
    open: sentence<{ isUndone: boolean; text: string }>({
      reason: ({ isUndone, text }) => (isUndone ? `Undone again since: ${text}` : `Not noted as done: ${text}`),
      remedy: ({ text }) => `Do it, and note it: ${text}`,
    }),
  },
})
