import { rangeOutcome } from '../outcomes.ts'
import { defineRule, rangeBounds } from '../rule.ts'

export default defineRule({
  id: 'R129-stature-range',
  title: 'Stature within the maker’s range',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  standsOn: 'UN R129 goes by stature as the maker states it for the mode; both ends belong to the range.',
  applies: ({ mode }) => mode.approval.regulation === 'R129',
  bounds: ({ mode }) => rangeBounds('statureCm', mode.statureCm?.from, mode.statureCm?.to),
  evaluate: ({ mode, statureCm }) =>
    rangeOutcome({
      what: 'Stature',
      unit: 'cm',
      measured: statureCm,
      from: mode.statureCm?.from,
      to: mode.statureCm?.to,
      need: 'child.statureCm',
      stated: 'the mode’s range',
      remedyBelow: 'Stay in a mode for a smaller child.',
      remedyAbove: 'Outgrown by stature: choose the next mode.',
    }),
})
