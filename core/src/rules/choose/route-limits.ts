import { rangeOutcome } from '../ranges.ts'
import { allOf } from '../several.ts'
import { defineRule, rangeBounds } from '../rule.ts'

export default defineRule({
  id: 'route-limits',
  scope: 'route',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  applies: ({ route }) => route.limits !== undefined,
  bounds: ({ route }) => [
    ...rangeBounds('massKg', route.limits?.massKg?.from, route.limits?.massKg?.to),
    ...rangeBounds('statureCm', route.limits?.statureCm?.from, route.limits?.statureCm?.to),
  ],
  evaluate: ({ route, massKg, statureCm }) => {
    const { limits } = route
    return allOf([
      ...(limits?.massKg === undefined
        ? []
        : [
            rangeOutcome({
              unit: 'kg',
              measured: massKg,
              from: limits.massKg.from,
              to: limits.massKg.to,
              need: 'child.massKg',
            }),
          ]),
      ...(limits?.statureCm === undefined
        ? []
        : [
            rangeOutcome({
              unit: 'cm',
              measured: statureCm,
              from: limits.statureCm.from,
              to: limits.statureCm.to,
              need: 'child.statureCm',
            }),
          ]),
    ])
  },
})
