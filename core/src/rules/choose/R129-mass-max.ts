import { rangeOutcome } from '../outcomes.ts'
import { defineRule, rangeBounds } from '../rule.ts'

export default defineRule({
  id: 'R129-mass-max',
  title: 'Maker’s maximum mass',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  standsOn: 'UN R129: the maker states a maximum mass beside the stature range; it belongs to the range.',
  applies: ({ mode }) => mode.approval.regulation === 'R129' && mode.massKg !== undefined,
  bounds: ({ mode }) => rangeBounds('massKg', mode.massKg?.from, mode.massKg?.to),
  evaluate: ({ mode, massKg }) =>
    rangeOutcome({
      what: 'Mass',
      unit: 'kg',
      measured: massKg,
      from: mode.massKg?.from,
      to: mode.massKg?.to,
      need: 'child.massKg',
      stated: 'the maker’s mass limit',
      remedyBelow: 'Stay in a mode for a lighter child.',
      remedyAbove: 'Outgrown by mass, whatever the stature says: choose another mode.',
    }),
})
