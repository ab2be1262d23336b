import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './unit-variant.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'unit-variant',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  applies: ({ model, unit }) =>
    unit !== undefined && (model.variant?.madeFrom !== undefined || model.variant?.madeUntil !== undefined),
  evaluate: ({ model, unit }) => {
    const { label, madeFrom, madeUntil } = model.variant ?? { label: '' }
    const made = unit?.madeOn
    if (made === undefined) {
      return {
        kind: 'undecided',
        missing: ['unit.madeOn'],
        says: say('unknown-made-on', { label, madeFrom, madeUntil, serial: unit?.serial }),
      }
    }
    const isInside = (madeFrom === undefined || made >= madeFrom) && (madeUntil === undefined || made <= madeUntil)
    return {
      kind: isInside ? 'pass' : 'fail',
      says: say('judged', { serial: unit?.serial, made, label, madeFrom, madeUntil }),
    }
  },
})
