import { defineRule } from '../rule.ts'
import { MODE_PARTS_ASKED, statedOutcome } from '../stated.ts'

export default defineRule({
  id: 'mode-stated',
  title: 'What the manual says of the mode has been read',
  scope: 'mode',
  stage: 'choose',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'Each optional part of a mode is described, or said to be none; one of which nothing is said asks one question.',
  applies: () => true,
  evaluate: (s) => statedOutcome(MODE_PARTS_ASKED, s),
})
