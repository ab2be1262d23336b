import { airbagAsked, isFrontPlace } from '../airbag.ts'
import { observedRule } from '../observed.ts'
import type { FittedSubject } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './airbag-lamp.en.ts'

const say = sayer<typeof en>()

/** How the airbag must be seen; `undefined` where either will do, or there is nothing to switch. */
function wanted(s: FittedSubject): 'off' | 'on' | undefined {
  const { frontAirbag } = s.position
  const canBeOff = frontAirbag === 'can-be-switched-off' || frontAirbag === 'automatic'
  if (s.mode.direction !== 'forward') return canBeOff ? 'off' : undefined
  if (!isFrontPlace(s) || !canBeOff) return undefined
  const asked = airbagAsked(s)
  return asked === 'on' || asked === 'off' ? asked : undefined
}

export default observedRule({
  id: 'airbag-lamp',
  stage: 'attach',
  severity: 'stop',
  source: 'vehicle',
  checks: ['airbag-lamp'],
  applies: (s) => wanted(s) !== undefined,
  byRule: (s, seen) => {
    const isOff = seen === 'off-seen'
    const mustBeOff = wanted(s) === 'off'
    return {
      kind: isOff === mustBeOff ? 'pass' : 'fail',
      says: say('judged', { isOff, mustBeOff }),
    }
  },
})
