import { legLengthNeededMm, liftMm } from '../../fit/index.ts'
import { compare, marginWithin, toInterval } from '../../quantities/index.ts'
import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './leg-lift.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'leg-lift',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  applies: ({ route, settings, position, practice }) =>
    route.leg !== undefined &&
    settings.legNotch !== undefined &&
    position.cushion?.frontEdgeAboveFloorMm !== undefined &&
    settings.legNotch.value <= route.leg.notches &&
    (route.leg.maxLiftMm !== undefined || practice.baseGap === 'none'),
  evaluate: ({ route, settings, position }) => {
    const leg = route.leg
    const height = toInterval(position.cushion?.frontEdgeAboveFloorMm)
    const notch = settings.legNotch?.value
    if (leg === undefined || height === undefined || notch === undefined)
      throw new Error('leg-lift needs a leg, a notch and a height')
    const lift = liftMm(leg, notch, legLengthNeededMm(leg, height))
    const own = leg.maxLiftMm
    const limit = own ?? 0
    const kind = compare(lift, 'at-most', limit)
    return outcomeOf(kind, ['position.cushionHeightMm'], {
      measured: lift,
      limit,
      unit: 'mm',
      margin: marginWithin(lift, undefined, limit),
      source: own === undefined ? 'practice' : 'maker',
      severity: own === undefined ? 'advise' : 'fix',
      says: say('judged', {
        notch,
        lift,
        isMakers: own !== undefined,
        limit,
        below: notch > 1 ? liftMm(leg, notch - 1, legLengthNeededMm(leg, height)) : undefined,
      }),
    })
  },
})
