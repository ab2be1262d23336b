import { rangeOutcome } from '../outcomes.ts'
import { isIntegral } from '../../restraint/index.ts'
import { defineRule, rangeBounds } from '../rule.ts'

export default defineRule({
  id: 'R129-mass-max',
  title: 'Maker’s maximum mass',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  standsOn:
    'UN R129: the maker of an integral mode states a maximum mass beside the stature range; it belongs to the range, and one that has not been read is open.',
  applies: ({ mode }) => mode.approval.regulation === 'R129' && (isIntegral(mode) || mode.massKg !== undefined),
  bounds: ({ mode }) => rangeBounds('massKg', mode.massKg?.from, mode.massKg?.to),
  evaluate: ({ mode, massKg }) => {
    // Below what is stated it is refused all the same; within, the end that is missing may be the one that binds.
    const said = rangeOutcome({
      what: 'Mass',
      unit: 'kg',
      measured: massKg,
      from: mode.massKg?.from,
      to: mode.massKg?.to,
      need: 'child.massKg',
      stated: 'the maker’s mass limit',
      remedyBelow: 'Stay in a mode for a lighter child.',
      remedyAbove: 'Outgrown by mass, whatever the stature says: choose another mode.',
    })
    if (!isIntegral(mode) || mode.massKg?.to !== undefined || said.kind === 'fail') return said
    return {
      kind: 'undecided',
      measured: massKg,
      unit: 'kg',
      missing: ['mode.massKg'],
      reason: () => 'The greatest mass of this mode has not been read; with its own harness or shield it has one.',
      remedy: () => 'Read the greatest mass on the approval label, and enter it with the mode.',
    }
  },
})
