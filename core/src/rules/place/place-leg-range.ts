import { adviseNotch } from '../../fit/index.ts'
import { nearestEnd, toInterval } from '../../quantities/index.ts'
import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-leg-range.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'place-leg-range',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'maker',
  // A height that nobody has measured is asked for where the notch is set.
  applies: ({ route, position }) => route.leg !== undefined && position.cushion?.frontEdgeAboveFloorMm !== undefined,
  evaluate: ({ route, position }) => {
    const height = toInterval(position.cushion?.frontEdgeAboveFloorMm)
    if (route.leg === undefined || height === undefined) throw new Error('place-leg-range needs a leg and a height')
    const { minLengthMm, maxLengthMm } = route.leg
    const advice = adviseNotch(route.leg, height)
    const { neededMm } = advice
    return outcomeOf(
      advice.kind === 'may-be-out-of-range'
        ? 'undecided'
        : advice.kind === 'too-long' || advice.kind === 'too-short'
          ? 'fail'
          : 'pass',
      ['position.cushionHeightMm'],
      {
        measured: neededMm,
        ...nearestEnd(neededMm, minLengthMm, maxLengthMm),
        unit: 'mm',
        says: say('judged', { neededMm, minLengthMm, maxLengthMm, kind: advice.kind }),
      },
    )
  },
})
