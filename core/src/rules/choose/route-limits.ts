import { allOf, rangeOutcome } from '../outcomes.ts'
import { defineRule, rangeBounds } from '../rule.ts'

export default defineRule({
  id: 'route-limits',
  title: 'Maker’s limits for this route',
  scope: 'route',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  standsOn:
    'A maker may limit mass or stature by the route: one figure on ISOFIX, another by belt. It binds beside the mode’s.',
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
              what: 'Mass',
              unit: 'kg',
              measured: massKg,
              from: limits.massKg.from,
              to: limits.massKg.to,
              need: 'child.massKg',
              stated: 'the maker’s limit for this route',
              remedyBelow: 'Use another route or mode.',
              remedyAbove: 'Too heavy for this route: use another, or another mode.',
            }),
          ]),
      ...(limits?.statureCm === undefined
        ? []
        : [
            rangeOutcome({
              what: 'Stature',
              unit: 'cm',
              measured: statureCm,
              from: limits.statureCm.from,
              to: limits.statureCm.to,
              need: 'child.statureCm',
              stated: 'the maker’s limit for this route',
              remedyBelow: 'Use another route or mode.',
              remedyAbove: 'Too tall for this route: use another, or another mode.',
            }),
          ]),
    ])
  },
})
