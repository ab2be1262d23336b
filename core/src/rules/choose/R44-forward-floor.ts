import { LAW } from '../../law/index.ts'
import { rangeOutcome } from '../ranges.ts'
import { defineRule, rangeBounds } from '../rule.ts'

export default defineRule({
  id: 'R44-forward-floor',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  limits: { 'forward, from': { value: LAW.r44ForwardFromKg, unit: 'kg' } },
  applies: ({ mode }) => mode.approval.regulation === 'R44' && mode.direction === 'forward',
  bounds: () => rangeBounds('massKg', LAW.r44ForwardFromKg),
  evaluate: ({ massKg }) =>
    rangeOutcome({
      unit: 'kg',
      measured: massKg,
      from: LAW.r44ForwardFromKg,
      need: 'child.massKg',
    }),
})
