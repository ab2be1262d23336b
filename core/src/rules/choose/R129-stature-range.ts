import { rangeOutcome } from '../ranges.ts'
import { defineRule, rangeBounds } from '../rule.ts'

export default defineRule({
  id: 'R129-stature-range',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  // The regulation lets the maker state the range; the maker's figures decide.
  source: 'maker',
  applies: ({ mode }) => mode.approval.regulation === 'R129',
  bounds: ({ mode }) => rangeBounds('statureCm', mode.statureCm?.from, mode.statureCm?.to),
  evaluate: ({ mode, statureCm }) =>
    rangeOutcome({
      unit: 'cm',
      measured: statureCm,
      from: mode.statureCm?.from,
      to: mode.statureCm?.to,
      need: 'child.statureCm',
    }),
})
