import { compare, every, type Decision } from '../../quantities/index.ts'
import { stageGaps } from '../../restraint/index.ts'
import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './stage-gap.en.ts'

const say = sayer<typeof en>()

const opposite = (kind: Decision): Decision => (kind === 'pass' ? 'fail' : kind === 'fail' ? 'pass' : 'undecided')

export default defineRule({
  id: 'stage-gap',
  scope: 'mode',
  stage: 'choose',
  severity: 'advise',
  source: 'maker',
  applies: ({ model }) => stageGaps(model).length > 0,
  evaluate: ({ model, massKg, statureCm }) => {
    const [first, ...rest] = stageGaps(model).map((gap) => {
      const measured = gap.quantity === 'massKg' ? massKg : statureCm
      // Both modes hold at their ends: only what lies between is in the gap.
      const inside = every([opposite(compare(measured, 'at-most', gap.from)), compare(measured, 'less-than', gap.to)])
      return { gap, measured, inside }
    })
    if (first === undefined) throw new Error('stage-gap applies to a model with a gap')
    const all = [first, ...rest]
    const hit = all.find((g) => g.inside === 'pass') ?? all.find((g) => g.inside === 'undecided') ?? first
    const { gap, measured } = hit
    const out = every(all.map((g) => opposite(g.inside)))
    return outcomeOf(out, [`child.${gap.quantity}`], {
      measured,
      range: { from: gap.from, to: gap.to },
      unit: gap.quantity === 'massKg' ? 'kg' : 'cm',
      says: say('judged', { kind: out, quantity: gap.quantity, gap: { lo: gap.from, hi: gap.to } }),
    })
  },
})
