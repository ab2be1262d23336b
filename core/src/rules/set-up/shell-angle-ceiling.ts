import { marginWithin, within } from '../../quantities/index.ts'
import { isIntegral } from '../../restraint/index.ts'
import { isBefore, MAX_SHELL_ANGLE_DEG } from '../../fit/index.ts'
import { defineRule, type FittedSubject, outcomeOf } from '../rule.ts'
import { angleNow } from '../angle-now.ts'
import { angleProofSeen } from '../angle-proof.ts'
import { sayer } from '../say.ts'
import type en from './shell-angle-ceiling.en.ts'

const say = sayer<typeof en>()

/** Whether the maker's own list lets this child lie flatter in the position that is set. */
export function flatterByMaker(s: FittedSubject): 'pass' | 'fail' | 'undecided' {
  const recline = s.mode.reclines?.find((r) => r.id === s.settings.recline?.value)
  return recline?.flatterInCarUntil === undefined ? 'fail' : isBefore(recline.flatterInCarUntil, s)
}

export default defineRule({
  id: 'shell-angle-ceiling',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'practice',
  limits: { 'integral, at most': { value: MAX_SHELL_ANGLE_DEG, unit: '°' } },
  checks: ({ mode }) => (mode.angleProof ? ['angle-proof', 'shell-angle-deg'] : ['shell-angle-deg']),
  applies: ({ mode }) => isIntegral(mode) && mode.shape !== 'lie-flat',
  evaluate: (s) => {
    const proof = angleProofSeen(s)
    if (proof !== undefined) return proof
    const now = angleNow(s)
    if (!('angle' in now)) {
      return {
        kind: 'undecided',
        missing: now,
        limit: MAX_SHELL_ANGLE_DEG,
        unit: '°',
        says: say('unknown', { maxShellAngleDeg: MAX_SHELL_ANGLE_DEG }),
      }
    }
    const { angle, how } = now
    const said = within(angle, undefined, MAX_SHELL_ANGLE_DEG)
    const byMaker = said === 'pass' ? 'fail' : flatterByMaker(s)
    const kind = byMaker === 'pass' ? 'pass' : byMaker === 'undecided' && said === 'fail' ? 'undecided' : said
    return outcomeOf(kind, ['check.shell-angle-deg'], {
      source: byMaker === 'pass' ? 'maker' : 'practice',
      measured: angle,
      limit: MAX_SHELL_ANGLE_DEG,
      unit: '°',
      margin: marginWithin(angle, undefined, MAX_SHELL_ANGLE_DEG),
      says: say('judged', { byMaker, angle, how, maxShellAngleDeg: MAX_SHELL_ANGLE_DEG, kind }),
    })
  },
})
