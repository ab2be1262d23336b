import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './same-child.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'same-child',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'fix',
  source: 'practice',
  applies: ({ identity }) => identity !== undefined,
  evaluate: ({ identity }) => {
    const { field = 'dateOfBirth', was, answer } = identity ?? {}
    return answer === undefined
      ? {
          kind: 'undecided',
          missing: ['child.identity'],
          says: say('unknown-identity', { field, was }),
        }
      : {
          kind: 'pass',
          says: say('pass', { answer, field, was }),
        }
  },
})
