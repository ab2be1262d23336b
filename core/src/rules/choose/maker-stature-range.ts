import { rangeOutcome } from '../outcomes.ts'
import { defineRule, rangeBounds } from '../rule.ts'

export default defineRule({
  id: 'maker-stature-range',
  title: 'Maker’s stature range on a mass-group mode',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  standsOn: 'A maker may add a stature range to a UN R44 mode; it binds.',
  applies: ({ mode }) => mode.approval.regulation === 'R44' && mode.statureCm !== undefined,
  bounds: ({ mode }) => rangeBounds('statureCm', mode.statureCm?.from, mode.statureCm?.to),
  evaluate: ({ mode, statureCm }) =>
    rangeOutcome({
      what: 'Stature',
      unit: 'cm',
      measured: statureCm,
      from: mode.statureCm?.from,
      to: mode.statureCm?.to,
      need: 'child.statureCm',
      stated: 'the maker’s range',
      remedyBelow: 'Stay in a mode for a smaller child.',
      remedyAbove: 'Outgrown by stature: choose the next mode.',
    }),
})
