import { rangeOutcome } from '../outcomes.ts'
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
  applies: ({ route, position }) =>
    route.topTether !== undefined &&
    route.topTether.use !== 'not-used' &&
    (route.topTether.minLengthMm !== undefined || route.topTether.maxLengthMm !== undefined) &&
    position.tether !== undefined &&
    position.tether.where !== 'none' &&
    position.tether.pathLengthMm !== undefined,
  evaluate: ({ route, position }) => ({
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
  }),
})
