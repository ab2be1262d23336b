import { sentence, ruleText } from '../say.ts'

const FIELD = { dateOfBirth: 'date of birth', ageMonths: 'age', sex: 'sex' } as const

export default ruleText({
  title: 'Still the same child',
  standsOn:
    'What was seen on one child says nothing about another: a changed date of birth, age or sex asks which it is.',
  says: {
    'unknown-identity': sentence<{ field: 'ageMonths' | 'dateOfBirth' | 'sex'; was: string | undefined }>({
      reason: ({ field, was }) => `The ${FIELD[field]} was ${was} and was changed: corrected, or another child?`,
      remedy: () => 'Say whether the entry was corrected or this is another child.',
    }),
    pass: sentence<{
      answer: 'corrected' | 'another'
      field: 'ageMonths' | 'dateOfBirth' | 'sex'
      was: string | undefined
    }>({
      reason: ({ answer, field, was }) =>
        answer === 'corrected'
          ? `The ${FIELD[field]} was corrected (it was ${was}): the same child.`
          : 'Another child: everything recorded about the first was removed.',
    }),
  },
})
