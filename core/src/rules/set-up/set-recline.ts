import { isIntegral } from '../../restraint/index.ts'
import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './set-recline.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'set-recline',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  applies: ({ mode }) => isIntegral(mode) && mode.shape !== 'lie-flat',
  evaluate: ({ mode, route, settings }) => {
    const { reclines } = mode
    if (reclines === undefined) {
      return {
        kind: 'undecided',
        missing: ['mode.reclines'],
        says: say('unknown-reclines'),
      }
    }
    if (reclines.length === 0) return { kind: 'pass', says: say('pass') }
    // One position alone leaves nothing to choose; of several the route says which.
    const permitted = route.permittedReclines ?? (reclines.length === 1 ? reclines.map((r) => r.id) : undefined)
    if (permitted === undefined) {
      return {
        kind: 'undecided',
        missing: ['route.permittedReclines'],
        says: say('unknown-permitted-reclines'),
      }
    }
    const names = reclines.filter((r) => permitted.includes(r.id)).map((r) => r.label)
    const set = settings.recline?.value
    if (set === undefined) {
      return {
        kind: 'undecided',
        missing: ['setting.recline'],
        says: say('unknown-recline', { names }),
      }
    }
    const label = reclines.find((r) => r.id === set)?.label ?? set
    return {
      kind: permitted.includes(set) ? 'pass' : 'fail',
      says: say('judged', { label, names }),
    }
  },
})
