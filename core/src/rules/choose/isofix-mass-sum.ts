import { LAW } from '../../law/index.ts'
import { compare, exactly, marginWithin, plus } from '../../quantities/index.ts'
import { isIntegral, isIsofixHeld } from '../../restraint/index.ts'
import { defineRule, rangeBounds, type RouteSubject, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './isofix-mass-sum.en.ts'

const say = sayer<typeof en>()

/** What the anchorages carry, child and restraint together; a handbook may ask for less, never lift it. */
const sumLimitKg = (position: RouteSubject['position']): number =>
  Math.min(position?.isofix?.maxTotalMassKg ?? LAW.isofixSumKg, LAW.isofixSumKg)

export default defineRule({
  id: 'isofix-mass-sum',
  scope: 'route',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  limits: { 'sum, to': { value: LAW.isofixSumKg, unit: 'kg' } },
  applies: ({ mode, route }) => isIntegral(mode) && isIsofixHeld(route),
  bounds: ({ model, position }) => rangeBounds('massKg', undefined, sumLimitKg(position) - model.massKg),
  evaluate: ({ model, massKg, position }) => {
    const limit = sumLimitKg(position)
    const source = limit < LAW.isofixSumKg ? 'vehicle' : 'regulation'
    if (massKg === undefined) {
      return {
        kind: 'undecided',
        source,
        limit: limit - model.massKg,
        unit: 'kg',
        missing: ['child.massKg'],
        says: say('unknown-mass-kg', { restraintKg: model.massKg, limit }),
      }
    }
    const sum = plus(massKg, exactly(model.massKg))
    const kind = compare(sum, 'at-most', limit)
    return outcomeOf(kind, ['child.massKg'], {
      source,
      measured: sum,
      limit,
      unit: 'kg',
      margin: marginWithin(sum, undefined, limit),
      says: say('judged', { kind, sum, limit, childKg: massKg, restraintKg: model.massKg }),
    })
  },
})
