import { isIntegral } from '../../restraint/index.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'set-recline',
  title: 'Recline position permitted',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'The recline must be on the list that the maker permits for the mode and route; off the list fails whatever the angle. A list that nobody has read is open.',
  applies: ({ mode }) => isIntegral(mode) && mode.shape !== 'lie-flat',
  evaluate: ({ mode, route, settings }) => {
    const { reclines } = mode
    if (reclines === undefined) {
      return {
        kind: 'undecided',
        missing: ['mode.reclines'],
        reason: () => 'Which recline positions this mode has has not been read.',
        remedy: () => 'Read the positions in the manual or on the base; none is an answer too.',
      }
    }
    if (reclines.length === 0) return { kind: 'pass', reason: () => 'This mode has no recline positions.' }
    // One position alone leaves nothing to choose; of several the route says which.
    const permitted = route.permittedReclines ?? (reclines.length === 1 ? reclines.map((r) => r.id) : undefined)
    if (permitted === undefined) {
      return {
        kind: 'undecided',
        missing: ['route.permittedReclines'],
        reason: () => 'Which of the recline positions this route permits has not been read.',
        remedy: () => 'Read in the manual which positions may be used by this route.',
      }
    }
    const names = reclines.filter((r) => permitted.includes(r.id)).map((r) => r.label)
    const set = settings.recline?.value
    if (set === undefined) {
      return {
        kind: 'undecided',
        missing: ['setting.recline'],
        reason: () => 'The recline position set is not recorded.',
        remedy: () => `Set and record one of: ${names.join(', ')}.`,
      }
    }
    const label = reclines.find((r) => r.id === set)?.label ?? set
    return {
      kind: permitted.includes(set) ? 'pass' : 'fail',
      reason: () => `Recline “${label}”; permitted here: ${names.join(', ')}.`,
      remedy: () => `Set one of: ${names.join(', ')}.`,
    }
  },
})
