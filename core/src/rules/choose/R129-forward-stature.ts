import { LAW } from '../../law/index.ts'
import { rangeOutcome } from '../ranges.ts'
import { defineRule, rangeBounds } from '../rule.ts'

export default defineRule({
  id: 'R129-forward-stature',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  limits: { 'forward, from': { value: LAW.r129ForwardFromCm, unit: 'cm' } },
  applies: ({ mode }) => mode.approval.regulation === 'R129' && mode.direction === 'forward',
  bounds: () => rangeBounds('statureCm', LAW.r129ForwardFromCm),
  evaluate: ({ statureCm }) =>
    rangeOutcome({
      unit: 'cm',
      measured: statureCm,
      from: LAW.r129ForwardFromCm,
      need: 'child.statureCm',
    }),
})
