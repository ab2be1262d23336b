import { rangeOutcome } from '../outcomes.ts'
import { defineRule, rangeBounds } from '../rule.ts'

export default defineRule({
  id: 'R129-stature-range',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
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
