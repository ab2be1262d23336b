import { unreachable } from '../../quantities/index.ts'
import { factOutcome } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

const BELT_TEXT = { 'three-point': 'three-point belt', lap: 'lap belt only', none: 'no belt' } as const

export default defineRule({
  id: 'place-belt-kind',
  title: 'Belt that the route needs',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'vehicle',
  standsOn: 'A route that needs a diagonal takes a three-point belt; a booster never goes on a lap belt.',
  applies: ({ route }) => route.belt !== undefined,
  evaluate: ({ route, mode, position }) =>
    factOutcome(position.belt?.kind, 'position.belt', 'which belt this place has', (kind) => {
      // Whatever the catalogue says: a lap belt alone lets the upper body of a booster child go.
      const needs = mode.heldBy === 'vehicle-belt' ? 'three-point' : (route.belt?.needs ?? 'three-point')
      const holds = (() => {
        switch (needs) {
          case 'three-point':
            return kind === 'three-point'
          case 'three-point-or-lap':
            return kind !== 'none'
          case 'lap':
            return kind === 'lap'
          default:
            return unreachable(needs)
        }
      })()
      return {
        kind: holds ? 'pass' : 'fail',
        reason:
          `The place has a ${BELT_TEXT[kind]}; the route needs ${needs === 'three-point-or-lap' ? 'a three-point or lap belt' : `a ${BELT_TEXT[needs]}`}.`.replace(
            'a no belt',
            'no belt',
          ),
        remedy:
          mode.heldBy === 'vehicle-belt'
            ? 'Never a booster on a lap belt: use a place with a three-point belt.'
            : 'Use a place with the right belt, or another route.',
      }
    }),
})
