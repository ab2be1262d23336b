import { rangeOutcome } from '../ranges.ts'
import { defineRule, rangeBounds } from '../rule.ts'

export default defineRule({
  id: 'maker-age-range',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  applies: ({ mode }) => mode.ageMonths !== undefined,
  bounds: ({ mode }) => rangeBounds('ageMonths', mode.ageMonths?.from, mode.ageMonths?.to),
  evaluate: ({ mode, age }) =>
    rangeOutcome({
      unit: 'months',
      measured: age,
      from: mode.ageMonths?.from,
      to: mode.ageMonths?.to,
      need: 'child.ageMonths',
    }),
})
