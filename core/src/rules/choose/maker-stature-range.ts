import { rangeOutcome } from '../ranges.ts'
import { defineRule, rangeBounds } from '../rule.ts'

export default defineRule({
  id: 'maker-stature-range',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  applies: ({ mode }) => mode.approval.regulation === 'R44' && mode.statureCm !== undefined,
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
