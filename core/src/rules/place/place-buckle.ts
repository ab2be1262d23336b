import { compare, exactly, minus, toInterval } from '../../quantities/index.ts'
import { isIntegral } from '../../restraint/index.ts'
import { untilSeen } from '../looks.ts'
import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-buckle.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'place-buckle',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'maker',
  limits: { 'top above edge, to': { value: 0, unit: 'mm' } },
  applies: ({ mode, route }) => route.belt !== undefined && isIntegral(mode),
  evaluate: (s) => {
    const { route, position } = s
    const top = toInterval(position.belt?.buckleTopMm)
    const edge = route.belt?.pathEdgeAboveBightMm
    if (top === undefined || edge === undefined) {
      return untilSeen(s, 'position.belt', 'buckle-above-edge-mm')
    }
    const above = minus(top, exactly(edge))
    const kind = compare(above, 'at-most', 0)
    return outcomeOf(kind, ['check.buckle-above-edge-mm'], {
      // Too close to tell from the catalogue is told by the measurement in the car.
      severity: kind === 'undecided' ? 'advise' : 'stop',
      measured: above,
      limit: 0,
      wording: 'at-most',
      unit: 'mm',
      margin: -above.hi,
      says: say('judged', { top, edge, above, kind }),
    })
  },
})
