import { R44_GROUP_MASS_KG } from '../../law/index.ts'
import { massRangeOf } from '../../restraint/index.ts'
import { rangeOutcome } from '../ranges.ts'
import { defineRule, rangeBounds } from '../rule.ts'

export default defineRule({
  id: 'R44-mass-range',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  limits: Object.fromEntries(
    Object.entries(R44_GROUP_MASS_KG).flatMap(([group, { from, to }]) => [
      ...(from === 0 ? [] : [[`group ${group}, from`, { value: from, unit: 'kg' }]]),
      [`group ${group}, to`, { value: to, unit: 'kg' }],
    ]),
  ),
  applies: ({ mode }) => mode.approval.regulation === 'R44',
  bounds: ({ mode }) => rangeBounds('massKg', massRangeOf(mode).from || undefined, massRangeOf(mode).to),
  evaluate: ({ mode, massKg }) => {
    const range = massRangeOf(mode)
    const groups = mode.approval.regulation === 'R44' ? mode.approval.groups.join('/') : ''
    return rangeOutcome(
      {
        unit: 'kg',
        measured: massKg,
        from: range.from === 0 ? undefined : range.from,
        to: range.to,
        need: 'child.massKg',
        source: range.statedBy === 'mode' ? 'maker' : 'regulation',
      },
      { statedBy: range.statedBy, groups },
    )
  },
})
