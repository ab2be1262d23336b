import { isIntegral, isIsofixHeld, type Route } from '../../restraint/index.ts'
import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './isofix-rotation.en.ts'
import type { HeldBy } from './isofix-rotation.en.ts'

const say = sayer<typeof en>()

function heldBy(route: Route): HeldBy | undefined {
  if (route.leg !== undefined) return { by: 'leg' }
  if (route.topTether?.use === 'required') return { by: 'top-tether' }
  if (route.lowerTethers?.use === 'required') return { by: 'lower-tethers' }
  if (route.belt !== undefined) return { by: 'belt' }
  return route.rotationHeldBy === undefined ? undefined : { by: 'stated', text: route.rotationHeldBy }
}

export default defineRule({
  id: 'isofix-rotation',
  scope: 'route',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  applies: ({ mode, route }) => isIntegral(mode) && isIsofixHeld(route),
  evaluate: ({ route }) => {
    const by = heldBy(route)
    return outcomeOf(by === undefined ? 'undecided' : 'pass', ['route.rotationHeldBy'], {
      says: say('judged', { held: by }),
    })
  },
})
