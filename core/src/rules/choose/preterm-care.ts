import { isPreterm } from '../../child/index.ts'
import { defineRule } from '../rule.ts'

const UNTIL_MONTHS = 6

export default defineRule({
  id: 'preterm-care',
  title: 'Born preterm',
  scope: 'mode',
  stage: 'choose',
  severity: 'advise',
  source: 'practice',
  standsOn:
    'Preterm children breathe less easily upright: ask the neonatal team, lie-flat where advised, short journeys.',
  limits: { 'calendar age, to': { value: UNTIL_MONTHS, unit: 'months' } },
  applies: ({ child, age }) => isPreterm(child) && (age === undefined || age.lo < UNTIL_MONTHS),
  evaluate: ({ child, mode }) => ({
    kind: mode.shape === 'lie-flat' ? 'pass' : 'fail',
    reason: () =>
      mode.shape === 'lie-flat'
        ? `Born at ${child.bornAtWeeks} weeks; this mode lies flat.`
        : `Born at ${child.bornAtWeeks} weeks; this mode does not lie flat.`,
    remedy: () => 'Ask the neonatal team which posture is right, watch the child, and stop often.',
  }),
})
