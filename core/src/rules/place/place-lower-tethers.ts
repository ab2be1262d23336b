import { factOutcome } from '../facts.ts'
import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-lower-tethers.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'place-lower-tethers',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'maker',
  applies: ({ route }) => route.lowerTethers?.use === 'required',
  evaluate: ({ route, position }) =>
    factOutcome(position.lowerTetherPoints, 'position.lowerTetherPoints', (points) => {
      const permitted = route.lowerTethers?.points ?? []
      const has = (side: 'left' | 'right') =>
        points.some((p) => p.side === side && (permitted as readonly string[]).includes(p.kind))
      const lacking = (['left', 'right'] as const).filter((side) => !has(side))
      return {
        kind: lacking.length === 0 ? 'pass' : 'fail',
        says: say('judged', { length: lacking.length, lacking }),
      }
    }),
})
