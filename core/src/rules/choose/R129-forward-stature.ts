import { rangeOutcome } from '../outcomes.ts'
import { defineRule, rangeBounds } from '../rule.ts'

const FROM_CM = 76

export default defineRule({
  id: 'R129-forward-stature',
  title: 'Rearward until at least 76 cm',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  standsOn: 'UN R129: rearward or lateral until the child is at least 76 cm tall; 76.0 cm itself may travel forward.',
  limits: { 'forward, from': { value: FROM_CM, unit: 'cm' } },
  applies: ({ mode }) => mode.approval.regulation === 'R129' && mode.direction === 'forward',
  bounds: () => rangeBounds('statureCm', FROM_CM),
  evaluate: ({ statureCm }) =>
    rangeOutcome({
      what: 'Stature',
      unit: 'cm',
      measured: statureCm,
      from: FROM_CM,
      need: 'child.statureCm',
      stated: 'the floor for travelling forward',
      remedyBelow: 'Stay rearward.',
      remedyAbove: '',
    }),
})
