import { rangeOutcome } from '../outcomes.ts'
import { defineRule, rangeBounds } from '../rule.ts'

const FLOOR_KG = 9

export default defineRule({
  id: 'R44-forward-floor',
  title: 'Nothing forward below 9 kg',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  standsOn: 'UN R44: no child below 9 kg travels forward, whatever the mode’s own range says. 9 kg itself may.',
  limits: { 'forward, from': { value: FLOOR_KG, unit: 'kg' } },
  applies: ({ mode }) => mode.approval.regulation === 'R44' && mode.direction === 'forward',
  bounds: () => rangeBounds('massKg', FLOOR_KG),
  evaluate: ({ massKg }) =>
    rangeOutcome({
      what: 'Mass',
      unit: 'kg',
      measured: massKg,
      from: FLOOR_KG,
      need: 'child.massKg',
      stated: 'the floor for travelling forward',
      remedyBelow: 'Use a rearward mode.',
      remedyAbove: '',
    }),
})
