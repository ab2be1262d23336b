import { compare, toInterval } from '../../quantities/index.ts'
import { isIntegral } from '../../restraint/index.ts'
import { untilSeen } from '../looks.ts'
import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-belt-length.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'place-belt-length',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'maker',
  applies: ({ route }) => route.belt !== undefined,
  evaluate: (s) => {
    const { route, position, mode } = s
    const usable = toInterval(position.belt?.usableLengthMm)
    const needed = route.belt?.requiredLengthMm
    if (usable === undefined || needed === undefined) {
      // A belt that nobody has measured is proved in the car: it buckles and locks, or it does not.
      return untilSeen(
        s,
        'position.belt',
        !isIntegral(mode) ? 'belt-buckle' : route.belt?.lock.kind === 'tension-only' ? 'belt-tension' : 'belt-locked',
      )
    }
    const kind = compare(usable, 'at-least', needed)
    return outcomeOf(kind, ['position.belt'], {
      measured: usable,
      limit: needed,
      wording: 'at-least',
      unit: 'mm',
      margin: usable.lo - needed,
      says: say('judged', { needed, usable, kind }),
    })
  },
})
