import { isIntegral, isIsofixHeld, type Route } from '../../restraint/index.ts'
import { defineRule } from '../rule.ts'

function heldBy(route: Route): string | undefined {
  if (route.leg !== undefined) return 'its leg'
  if (route.topTether?.use === 'required') return 'its top tether'
  if (route.lowerTethers?.use === 'required') return 'its lower tethers'
  if (route.belt !== undefined) return 'the vehicle’s belt'
  return route.rotationHeldBy
}

export default defineRule({
  id: 'isofix-rotation',
  title: 'Held against rotation',
  scope: 'route',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  standsOn:
    'Two bars let a restraint tip about them: an integral ISOFIX route states a leg, a required top tether, or another means against rotation.',
  applies: ({ mode, route }) => isIntegral(mode) && isIsofixHeld(route),
  evaluate: ({ route }) => {
    const by = heldBy(route)
    return {
      kind: by === undefined ? 'undecided' : 'pass',
      missing: by === undefined ? ['route.rotationHeldBy'] : undefined,
      reason: () =>
        by === undefined
          ? 'The entry states neither leg nor required tether nor another means against rotation.'
          : `Held against rotation by ${by}.`,
      remedy: () => 'Read in the manual what holds it against rotation, and enter it with the route.',
    }
  },
})
