import { lookOutcome, measuredOutcome } from '../outcomes.ts'
import { defineRule, type FittedSubject } from '../rule.ts'

export const COAT_HIDES_MM = 10

const wearsCoat = (s: FittedSubject): boolean => s.look('coat').reading?.option === 'coat'

export default defineRule({
  id: 'coat',
  title: 'No slack hidden by a coat',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'fix',
  source: 'practice',
  standsOn:
    'Coat test: tightened with the coat on, then off without moving the adjuster; what hides more than 10 mm is not worn under a harness.',
  limits: { 'hidden slack, to': { value: COAT_HIDES_MM, unit: 'mm' } },
  checks: (s) => (wearsCoat(s) ? ['coat', 'coat-hides-mm'] : ['coat']),
  applies: ({ mode }) => mode.heldBy === 'harness',
  evaluate: (s) => {
    if (!wearsCoat(s) || s.look('coat').staleBecause !== undefined)
      return lookOutcome(s, 'coat', () => ({ kind: 'undecided', reason: 'A coat is worn under the harness.' }))
    return measuredOutcome(s, {
      id: 'coat-hides-mm',
      wording: 'at-most',
      limit: COAT_HIDES_MM,
      stated: 'the coat test',
      remedy: 'Coat off; buckle and tighten again, and lay the coat over the straps.',
    })
  },
})
