import { dayInSentence } from '../../quantities/index.ts'
import { sentence, ruleText } from '../say.ts'

const FIELD = { dateOfBirth: 'date of birth', ageMonths: 'age', sex: 'sex' } as const
/** What it was, as it was entered. */
const wasText = (field: keyof typeof FIELD, was: string | undefined): string | undefined =>
  field === 'dateOfBirth' && was !== undefined ? dayInSentence(was) : was

export default ruleText({
  title: 'Still the same child',
  standsOn:
    'What was seen on one child says nothing about another: a changed date of birth, age or sex asks which it is.',
  says: {
    'unknown-identity': sentence<{ field: 'ageMonths' | 'dateOfBirth' | 'sex'; was: string | undefined }>({
      reason: ({ field, was }) =>
        `The ${FIELD[field]} was ${wasText(field, was)} and was changed: corrected, or another child?`,
      remedy: () => 'Say whether the entry was corrected or this is another child.',
    }),
    pass: sentence<{
      answer: 'corrected' | 'another'
      field: 'ageMonths' | 'dateOfBirth' | 'sex'
      was: string | undefined
    }>({
      reason: ({ answer, field, was }) =>
        answer === 'corrected'
          ? `The ${FIELD[field]} was corrected (it was ${wasText(field, was)}): the same child.`
          : 'Another child: everything recorded about the first was removed.',
    }),
  },
})
