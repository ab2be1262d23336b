import { isIntegral } from '../../restraint/index.ts'
import { lookOutcome } from '../outcomes.ts'
import { defineRule } from '../rule.ts'
import { retractorOf } from './belt-retractor.ts'

export default defineRule({
  id: 'locking-clip',
  title: 'Loose locking clip in its place',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'A loose clip sits on the section and at the distance from the tongue that the maker gives; with which retractors it is needed, the maker says too.',
  checks: ['locking-clip'],
  applies: ({ mode, route }) => isIntegral(mode) && route.belt?.lock.kind === 'locking-clip',
  evaluate: (s) => {
    const lock = s.route.belt?.lock
    if (lock?.kind !== 'locking-clip') throw new Error('locking-clip applies to routes with a clip only')
    const known = retractorOf(s)
    if (lock.neededWith !== undefined && 'kind' in known && !lock.neededWith.includes(known.kind)) {
      return {
        kind: 'pass',
        reason: () => `With this retractor (${known.kind.replace('-', ' ')}) the maker needs no clip.`,
      }
    }
    const where = `${lock.section === undefined || lock.section === 'both' ? 'on lap and diagonal together' : `on the ${lock.section} section`}, ${lock.fromTongueMm === 0 ? 'flush with the tongue' : `${lock.fromTongueMm} mm from the tongue`}`
    const said = lookOutcome(s, 'locking-clip')
    return { ...said, reason: () => `${said.reason()} It belongs ${where}.` }
  },
})
