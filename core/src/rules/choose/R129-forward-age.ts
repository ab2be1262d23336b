import { LAW } from '../../law/index.ts'
import { compare, marginWithin } from '../../quantities/index.ts'
import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './R129-forward-age.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'R129-forward-age',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  limits: { 'forward, over': { value: LAW.r129ForwardOverMonths, unit: 'months' } },
  applies: ({ mode }) => mode.approval.regulation === 'R129' && mode.direction === 'forward',
  bounds: () => [{ quantity: 'ageMonths', wording: 'more-than', limit: LAW.r129ForwardOverMonths }],
  evaluate: ({ age }) => {
    const kind = compare(age, 'more-than', LAW.r129ForwardOverMonths)
    return outcomeOf(kind, ['child.ageMonths'], {
      measured: age,
      limit: LAW.r129ForwardOverMonths,
      unit: 'months',
      margin: marginWithin(age, LAW.r129ForwardOverMonths),
      says: say('judged', { age, kind }),
    })
  },
})
