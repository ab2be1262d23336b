import { sentence, ruleText } from '../say.ts'

const FIELD = { dateOfBirth: 'day of birth', ageMonths: 'age', sex: 'sex' } as const

export default ruleText({
  title: 'Still the same child',
  standsOn:
    'What was seen on one child says nothing of another: a changed day of birth, age or sex asks which of the two it is.',
  says: {
    'unknown-identity': sentence<{ field: 'ageMonths' | 'dateOfBirth' | 'sex'; was: string | undefined }>({
      reason: ({ field, was }) => `The ${FIELD[field]} was ${was} and was changed: put right, or another child?`,
      remedy: () => 'Say whether the entry was corrected or this is another child.',
    }),
    pass: sentence<{
      answer: 'corrected' | 'another'
      field: 'ageMonths' | 'dateOfBirth' | 'sex'
      was: string | undefined
    }>({
      reason: ({ answer, field, was }) =>
        answer === 'corrected'
          ? `The ${FIELD[field]} was put right (it said ${was}): the same child.`
          : 'Another child: everything about the child before was taken away.',
    }),
  },
})
