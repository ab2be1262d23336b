import { isIntegral } from '../../restraint/index.ts'
import { lookOutcome } from '../outcomes.ts'
import { defineRule, type FittedSubject } from '../rule.ts'
import { retractorOf } from './belt-retractor.ts'

function clipOf({ route }: FittedSubject) {
  const lock = route.belt?.lock
  return lock?.kind === 'locking-clip' ? lock : undefined
}

/** Whether the maker needs the clip with this place's retractor; while that is not known, it is needed. */
function isNeeded(s: FittedSubject): boolean {
  const neededWith = clipOf(s)?.neededWith
  const known = retractorOf(s)
  return neededWith === undefined || !('kind' in known) || neededWith.includes(known.kind)
}

export default defineRule({
  id: 'locking-clip',
  title: 'Loose locking clip in its place',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'A loose clip sits on the section and at the distance from the tongue that the maker gives; with which retractors it is needed, the maker says too.',
  // One that the maker does not need here is not asked for; found badly placed it counts all the same.
  checks: (s) => (isNeeded(s) ? ['locking-clip'] : []),
  applies: ({ mode, route }) => isIntegral(mode) && route.belt?.lock.kind === 'locking-clip',
  evaluate: (s) => {
    const lock = clipOf(s)
    if (lock === undefined) throw new Error('locking-clip applies to routes with a clip only')
    if (!isNeeded(s)) return { kind: 'pass', reason: () => 'With this retractor the maker needs no clip.' }
    const where = `${lock.section === undefined || lock.section === 'both' ? 'on lap and diagonal together' : `on the ${lock.section} section`}, ${lock.fromTongueMm === 0 ? 'flush with the tongue' : `${lock.fromTongueMm} mm from the tongue`}`
    const said = lookOutcome(s, 'locking-clip')
    return { ...said, reason: () => `${said.reason()} It belongs ${where}.` }
  },
})
