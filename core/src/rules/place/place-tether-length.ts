import { untilSeen } from '../looks.ts'
import { rangeOutcome } from '../ranges.ts'
import { toInterval } from '../../quantities/index.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'place-tether-length',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'maker',
  applies: ({ route, position }) => route.topTether !== undefined && position.tether?.where !== 'none',
  evaluate: (s) => {
    const { route, position } = s
    const { minLengthMm, maxLengthMm } = route.topTether ?? {}
    if (position.tether?.pathLengthMm === undefined || (minLengthMm === undefined && maxLengthMm === undefined)) {
      return untilSeen(s, 'position.tether', 'tether-flat')
    }
    return {
      ...rangeOutcome({
        unit: 'mm',
        measured: toInterval(position.tether?.pathLengthMm),
        from: route.topTether?.minLengthMm,
        to: route.topTether?.maxLengthMm,
        need: 'position.tether',
      }),
      // A tether that is only advised is left off where it does not reach.
      severity: route.topTether?.use === 'required' ? 'stop' : 'advise',
    }
  },
})
