import { formatInterval, marginWithin, within } from '../../quantities/index.ts'
import { isIntegral } from '../../restraint/index.ts'
import { MAX_SHELL_ANGLE_DEG } from '../../fit/index.ts'
import { defineRule } from '../rule.ts'
import { angleNow } from '../angle-now.ts'

/** Asked only once the angle is known: it alone is no reason to measure the slope of a cushion. */
export default defineRule({
  id: 'shell-angle-ceiling',
  title: 'Shell never flatter than 45°',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'practice',
  standsOn: 'An integral shell that is not a lie-flat mode is never more than 45° from vertical, whatever the target.',
  limits: { 'integral, at most': { value: MAX_SHELL_ANGLE_DEG, unit: '°' } },
  checks: ['shell-angle-deg'],
  applies: (s) => isIntegral(s.mode) && s.mode.shape !== 'lie-flat' && 'angle' in angleNow(s),
  evaluate: (s) => {
    const now = angleNow(s)
    if (!('angle' in now)) throw new Error('shell-angle-ceiling applies where the angle is known')
    const { angle, how } = now
    const kind = within(angle, undefined, MAX_SHELL_ANGLE_DEG)
    return {
      kind,
      measured: angle,
      limit: MAX_SHELL_ANGLE_DEG,
      unit: '°',
      margin: marginWithin(angle, undefined, MAX_SHELL_ANGLE_DEG),
      missing: kind === 'undecided' ? ['check.shell-angle-deg'] : undefined,
      reason: () =>
        `Shell at ${formatInterval(angle, '°').replace(' °', '°')}, ${how}; never more than ${MAX_SHELL_ANGLE_DEG}°.`,
      remedy: () =>
        kind === 'undecided' ? 'Measure the shell angle with an inclinometer.' : 'Choose a more upright recline.',
    }
  },
})
