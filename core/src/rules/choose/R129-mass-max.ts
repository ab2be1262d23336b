import { rangeOutcome } from '../ranges.ts'
import { isIntegral } from '../../restraint/index.ts'
import { defineRule, rangeBounds } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './R129-mass-max.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'R129-mass-max',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  applies: ({ mode }) => mode.approval.regulation === 'R129' && (isIntegral(mode) || mode.massKg !== undefined),
  bounds: ({ mode }) => rangeBounds('massKg', mode.massKg?.from, mode.massKg?.to),
  evaluate: ({ mode, massKg }) => {
    // Below what is stated it is refused all the same; within, the end that is missing may be the one that binds.
    const said = rangeOutcome({
      unit: 'kg',
      measured: massKg,
      from: mode.massKg?.from,
      to: mode.massKg?.to,
      need: 'child.massKg',
    })
    if (!isIntegral(mode) || mode.massKg?.to !== undefined || said.kind === 'fail') return said
    return {
      kind: 'undecided',
      measured: massKg,
      unit: 'kg',
      missing: ['mode.massKg'],
      says: say('unknown-mass-kg'),
    }
  },
})
