import { defineRule } from '../rule.ts'

const FIELD = { dateOfBirth: 'day of birth', ageMonths: 'age', sex: 'sex' } as const

export default defineRule({
  id: 'same-child',
  title: 'Still the same child',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'fix',
  source: 'practice',
  standsOn:
    'What was seen on one child says nothing of another: a changed day of birth, age or sex asks which of the two it is.',
  applies: ({ identity }) => identity !== undefined,
  evaluate: ({ identity }) => {
    const { field = 'dateOfBirth', was, answer } = identity ?? {}
    return answer === undefined
      ? {
          kind: 'undecided',
          missing: ['child.identity'],
          reason: () => `The ${FIELD[field]} was ${was} and was changed: put right, or another child?`,
          remedy: () => 'Say whether the entry was corrected or this is another child.',
        }
      : {
          kind: 'pass',
          reason: () =>
            answer === 'corrected'
              ? `The ${FIELD[field]} was put right (it said ${was}): the same child.`
              : 'Another child: everything about the child before was taken away.',
        }
  },
})
