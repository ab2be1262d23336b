import { isIntegral } from '../../restraint/index.ts'
import { lookOutcome } from '../looks.ts'
import { defineRule, type FittedSubject } from '../rule.ts'
import { retractorOf } from './belt-retractor.ts'
import { sayer } from '../say.ts'
import type en from './locking-clip.en.ts'

const say = sayer<typeof en>()

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
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  // One that the maker does not need here is not asked for; found badly placed it counts all the same.
  checks: (s) => (isNeeded(s) ? ['locking-clip'] : []),
  applies: ({ mode, route }) => isIntegral(mode) && route.belt?.lock.kind === 'locking-clip',
  evaluate: (s) => {
    const lock = clipOf(s)
    if (lock === undefined) throw new Error('locking-clip applies to routes with a clip only')
    if (!isNeeded(s)) return { kind: 'pass', says: say('not-needed') }
    const said = lookOutcome(s, 'locking-clip')
    return {
      ...said,
      says: say('where-it-belongs', { said: said.says, section: lock.section, fromTongueMm: lock.fromTongueMm }),
    }
  },
})
