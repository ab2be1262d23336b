import { formatInterval, marginWithin, within } from '../../quantities/index.ts'
import { isIntegral } from '../../restraint/index.ts'
import { isBefore, MAX_SHELL_ANGLE_DEG } from '../../fit/index.ts'
import { defineRule, type FittedSubject } from '../rule.ts'
import { angleNow } from '../angle-now.ts'
import { angleProofSeen } from '../angle-proof.ts'

/** Whether the maker's own list lets this child lie flatter in the position that is set. */
export function flatterByMaker(s: FittedSubject): 'pass' | 'fail' | 'undecided' {
  const recline = s.mode.reclines?.find((r) => r.id === s.settings.recline?.value)
  return recline?.flatterInCarUntil === undefined ? 'fail' : isBefore(recline.flatterInCarUntil, s)
}

export default defineRule({
  id: 'shell-angle-ceiling',
  title: 'Shell never flatter than 45°',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'practice',
  standsOn:
    'An integral shell that is not a lie-flat mode is never more than 45° from vertical, whatever the target, unless the maker’s own list permits a flatter position in the car for this child. The maker’s line or indicator seen good settles it.',
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
        reason: () => `The shell angle is not known; it is never more than ${MAX_SHELL_ANGLE_DEG}°.`,
        remedy: () => 'Record the recline and the cushion’s slope, or measure the angle once it is in.',
      }
    }
    const { angle, how } = now
    const said = within(angle, undefined, MAX_SHELL_ANGLE_DEG)
    const byMaker = said === 'pass' ? 'fail' : flatterByMaker(s)
    const kind = byMaker === 'pass' ? 'pass' : byMaker === 'undecided' && said === 'fail' ? 'undecided' : said
    const shown = () => `Shell at ${formatInterval(angle, '°').replace(' °', '°')}, ${how}`
    return {
      kind,
      source: byMaker === 'pass' ? 'maker' : 'practice',
      measured: angle,
      limit: MAX_SHELL_ANGLE_DEG,
      unit: '°',
      margin: marginWithin(angle, undefined, MAX_SHELL_ANGLE_DEG),
      missing: kind === 'undecided' ? ['check.shell-angle-deg'] : undefined,
      reason: () =>
        byMaker === 'pass'
          ? `${shown()}; the maker’s own list permits this position in the car for this child.`
          : `${shown()}; never more than ${MAX_SHELL_ANGLE_DEG}°.`,
      remedy: () =>
        kind === 'undecided' ? 'Measure the shell angle with an inclinometer.' : 'Choose a more upright recline.',
    }
  },
})
