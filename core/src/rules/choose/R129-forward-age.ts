import { compare, formatAge, formatNumber, marginWithin } from '../../quantities/index.ts'
import { defineRule } from '../rule.ts'

const OVER_MONTHS = 15

export default defineRule({
  id: 'R129-forward-age',
  title: 'Rearward until over 15 months',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  standsOn: 'UN R129: rearward or lateral until the child is over 15 months: the day after, not the day.',
  limits: { 'forward, over': { value: OVER_MONTHS, unit: 'months' } },
  applies: ({ mode }) => mode.approval.regulation === 'R129' && mode.direction === 'forward',
  bounds: () => [{ quantity: 'ageMonths', wording: 'more-than', limit: OVER_MONTHS }],
  evaluate: ({ age }) => {
    const kind = compare(age, 'more-than', OVER_MONTHS)
    return {
      kind,
      measured: age,
      limit: OVER_MONTHS,
      unit: 'months',
      margin: marginWithin(age, OVER_MONTHS),
      missing: kind === 'undecided' ? ['child.ageMonths'] : undefined,
      reason: () =>
        age === undefined
          ? 'Age is not known; forward travel needs over 15 months.'
          : kind === 'undecided'
            ? `${formatNumber(age.lo)} to ${formatNumber(age.hi)} months may or may not be over 15 months.`
            : `${formatAge(age.lo)} old; forward travel needs over 15 months.`,
      remedy: () => (kind === 'undecided' ? 'Ask for the day of birth.' : 'Stay rearward.'),
    }
  },
})
