import { rangeOutcome, untilSeen } from '../outcomes.ts'
import { toInterval } from '../../quantities/index.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'place-tether-length',
  title: 'Tether strap long and short enough',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'maker',
  standsOn:
    'The path from the restraint over or round the head restraint to the anchorage must lie within the strap’s range.',
  applies: ({ route, position }) => route.topTether !== undefined && position.tether?.where !== 'none',
  evaluate: (s) => {
    const { route, position } = s
    const { minLengthMm, maxLengthMm } = route.topTether ?? {}
    if (position.tether?.pathLengthMm === undefined || (minLengthMm === undefined && maxLengthMm === undefined)) {
      return untilSeen(s, {
        need: 'position.tether',
        check: 'tether-flat',
        what: 'Whether the strap is long and short enough for its path',
        remedy: 'Hook it and see that it reaches and draws tight.',
      })
    }
    return {
      ...rangeOutcome({
        what: 'Tether path',
        unit: 'mm',
        measured: toInterval(position.tether?.pathLengthMm),
        from: route.topTether?.minLengthMm,
        to: route.topTether?.maxLengthMm,
        need: 'position.tether',
        stated: 'the strap’s range',
        remedyBelow: 'The strap cannot be drawn tight on so short a path: another place, route or restraint.',
        remedyAbove: 'The strap does not reach the anchorage: another place, route or restraint.',
      }),
      // A tether that is only advised is left off where it does not reach.
      severity: route.topTether?.use === 'required' ? 'stop' : 'advise',
    }
  },
})
