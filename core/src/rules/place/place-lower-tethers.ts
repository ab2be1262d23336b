import { factOutcome } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'place-lower-tethers',
  title: 'Points for the lower tethers',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'maker',
  standsOn: 'Lower tethers need a point of a permitted kind on each side; a boxed-in front seat has none.',
  applies: ({ route }) => route.lowerTethers?.use === 'required',
  evaluate: ({ route, position }) =>
    factOutcome(
      position.lowerTetherPoints,
      'position.lowerTetherPoints',
      'what the lower tethers can hold to, left and right',
      (points) => {
        const permitted = route.lowerTethers?.points ?? []
        const has = (side: 'left' | 'right') =>
          points.some((p) => p.side === side && (permitted as readonly string[]).includes(p.kind))
        const lacking = (['left', 'right'] as const).filter((side) => !has(side))
        return {
          kind: lacking.length === 0 ? 'pass' : 'fail',
          reason:
            lacking.length === 0
              ? 'A permitted point on each side.'
              : `No permitted point on the ${lacking.join(' and the ')}.`,
          remedy: 'Use another place, or a route without lower tethers.',
        }
      },
    ),
})
