import { lookOutcome } from '../looks.ts'
import { measuredOutcome } from '../measured.ts'
import { defineRule, type FittedSubject } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './coat.en.ts'

const say = sayer<typeof en>()

const COAT_HIDES_MM = 10

const wearsCoat = (s: FittedSubject): boolean => s.look('coat').reading?.option === 'coat'

export default defineRule({
  id: 'coat',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'fix',
  source: 'practice',
  limits: { 'hidden slack, to': { value: COAT_HIDES_MM, unit: 'mm' } },
  checks: (s) => (wearsCoat(s) ? ['coat', 'coat-hides-mm'] : ['coat']),
  applies: ({ mode }) => mode.heldBy === 'harness',
  evaluate: (s) => {
    if (!wearsCoat(s) || s.look('coat').staleBecause !== undefined)
      return lookOutcome(s, 'coat', () => ({ kind: 'undecided', says: say('unknown') }))
    return measuredOutcome(s, {
      id: 'coat-hides-mm',
      wording: 'at-most',
      limit: COAT_HIDES_MM,
    })
  },
})
