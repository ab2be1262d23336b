import { unreachable } from '../../ground/index.ts'
import { factOutcome } from '../facts.ts'
import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-belt-kind.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'place-belt-kind',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'vehicle',
  applies: ({ route }) => route.belt !== undefined,
  evaluate: ({ route, mode, position }) =>
    factOutcome(position.belt?.kind, 'position.belt', (kind) => {
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
        // That a booster is never held by a lap belt is law, whatever the handbook says of the belt.
        ...(mode.heldBy === 'vehicle-belt' && { source: 'regulation' as const }),
        says: say('judged', { kind, needs, heldBy: mode.heldBy }),
      }
    }),
})
