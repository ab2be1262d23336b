import { adviseNotch } from '../../fit/index.ts'
import { formatInterval, formatNumber, toInterval } from '../../quantities/index.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'place-leg-range',
  title: 'Leg long and short enough',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'maker',
  standsOn: 'Out of its range of length a leg cannot be used, and nothing is packed under it.',
  // A height that nobody has measured is asked for where the notch is set.
  applies: ({ route, position }) => route.leg !== undefined && position.cushion?.frontEdgeAboveFloorMm !== undefined,
  evaluate: ({ route, position }) => {
    const height = toInterval(position.cushion?.frontEdgeAboveFloorMm)
    if (route.leg === undefined || height === undefined) throw new Error('place-leg-range needs a leg and a height')
    const { minLengthMm, maxLengthMm } = route.leg
    const advice = adviseNotch(route.leg, height)
    const { neededMm } = advice
    const isTooLong = neededMm.lo < minLengthMm
    const needed = () =>
      `Needs a leg of ${formatInterval(neededMm, 'mm', 0)}; this one goes ${formatNumber(minLengthMm, 0)}–${formatNumber(maxLengthMm, 0)} mm`
    return {
      kind:
        advice.kind === 'may-be-out-of-range'
          ? 'undecided'
          : advice.kind === 'too-long' || advice.kind === 'too-short'
            ? 'fail'
            : 'pass',
      measured: neededMm,
      limit: isTooLong ? minLengthMm : maxLengthMm,
      unit: 'mm',
      margin: Math.round(Math.min(neededMm.lo - minLengthMm, maxLengthMm - neededMm.hi)),
      missing: advice.kind === 'may-be-out-of-range' ? ['position.cushion'] : undefined,
      reason: () => `${needed()}${advice.kind === 'may-be-out-of-range' ? ': too close to tell' : ''}.`,
      remedy: () =>
        advice.kind === 'may-be-out-of-range'
          ? 'Measure the cushion height above the bare floor more closely.'
          : 'This leg cannot be used here: another place, route or restraint. Pack nothing under it.',
    }
  },
})
