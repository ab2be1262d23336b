import { compare, exactly, formatInterval, formatNumber, minus, toInterval } from '../../quantities/index.ts'
import { isIntegral } from '../../restraint/index.ts'
import { untilSeen } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'place-buckle',
  title: 'Buckle stalk below the belt path',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'maker',
  standsOn:
    'The top of the vehicle buckle must stand at or below the edge of the belt path: buckle top − edge ≤ 0 mm. Measured again in the car, where that decides.',
  limits: { 'top above edge, to': { value: 0, unit: 'mm' } },
  applies: ({ mode, route }) => route.belt !== undefined && isIntegral(mode),
  evaluate: (s) => {
    const { route, position } = s
    const top = toInterval(position.belt?.buckleTopMm)
    const edge = route.belt?.pathEdgeAboveBightMm
    if (top === undefined || edge === undefined) {
      return untilSeen(s, {
        need: 'position.belt',
        check: 'buckle-above-edge-mm',
        what: 'How the buckle stands to the belt path’s edge',
        remedy: 'Thread the belt and measure from the edge up to the buckle’s top.',
      })
    }
    const above = minus(top, exactly(edge))
    const kind = compare(above, 'at-most', 0)
    return {
      kind,
      // Too close to tell from the catalogue is told by the measurement in the car.
      severity: kind === 'undecided' ? 'advise' : 'stop',
      measured: above,
      limit: 0,
      wording: 'at-most',
      unit: 'mm',
      margin: -above.hi,
      reason: () =>
        `Buckle top ${formatInterval(top, 'mm', 0)} above the bight, edge of the belt path ${formatNumber(edge, 0)} mm: ${formatInterval(above, 'mm', 0)} above the edge; at most 0 mm.`,
      remedy: () =>
        kind === 'undecided'
          ? 'Thread the belt and measure from the edge up to the buckle’s top.'
          : 'The frame would load the buckle: another route, place or restraint.',
    }
  },
})
