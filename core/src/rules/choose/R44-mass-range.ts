import { massRangeOf } from '../../restraint/index.ts'
import { rangeOutcome } from '../outcomes.ts'
import { defineRule, rangeBounds } from '../rule.ts'

export default defineRule({
  id: 'R44-mass-range',
  title: 'Mass within the group or the mode’s own range',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  standsOn:
    'UN R44 goes by mass: 0 to 10, 0+ to 13, I 9–18, II 15–25, III 22–36 kg; the mode’s own range wins over the group.',
  limits: {
    'group 0, to': { value: 10, unit: 'kg' },
    'group 0+, to': { value: 13, unit: 'kg' },
    'group I, from': { value: 9, unit: 'kg' },
    'group I, to': { value: 18, unit: 'kg' },
    'group II, from': { value: 15, unit: 'kg' },
    'group II, to': { value: 25, unit: 'kg' },
    'group III, from': { value: 22, unit: 'kg' },
    'group III, to': { value: 36, unit: 'kg' },
  },
  applies: ({ mode }) => mode.approval.regulation === 'R44',
  bounds: ({ mode }) => rangeBounds('massKg', massRangeOf(mode).from || undefined, massRangeOf(mode).to),
  evaluate: ({ mode, massKg }) => {
    const range = massRangeOf(mode)
    const groups = mode.approval.regulation === 'R44' ? mode.approval.groups.join('/') : ''
    return rangeOutcome({
      what: 'Mass',
      unit: 'kg',
      measured: massKg,
      from: range.from === 0 ? undefined : range.from,
      to: range.to,
      need: 'child.massKg',
      stated: range.statedBy === 'mode' ? 'the mode’s own range' : `group ${groups}`,
      source: range.statedBy === 'mode' ? 'maker' : 'regulation',
      remedyBelow: 'Stay in a mode for a lighter child.',
      remedyAbove: 'Outgrown by mass: choose a mode for a heavier child.',
    })
  },
})
