import { shellAngleDeg, wedgeAngleDeg } from '../fit/index.ts'
import { toInterval, type Interval } from '../quantities/index.ts'
import { oncePerFitting } from './once.ts'
import { readNumber } from './measured.ts'
import type { FittedSubject, Need } from './rule.ts'

/** The shell's angle as recline, slope and wedge give it, or what is missing for that. */
export function angleWorkedOut(s: FittedSubject): Interval | readonly Need[] {
  const missing: Need[] = []
  const recline = s.mode.reclines?.find((r) => r.id === s.settings.recline?.value)
  if (s.mode.reclines === undefined) missing.push('mode.reclines')
  else if (s.mode.reclines.length === 0) missing.push('check.shell-angle-deg')
  else if (recline === undefined) missing.push('setting.recline')
  const slope = toInterval(s.position.cushion?.slopeDeg)
  if (slope === undefined) missing.push('position.cushionSlopeDeg')
  if (recline === undefined || slope === undefined) return missing
  const { wedge, direction } = s.mode
  // A wedge that the maker allows may lie there until somebody says whether it does.
  if (wedge?.allowed === true && s.settings.wedge === undefined) return ['setting.wedge']
  const wedgeDeg = s.settings.wedge?.value === true && wedge ? wedgeAngleDeg(wedge.heightMm, wedge.baseLengthMm) : 0
  return shellAngleDeg({ reclineDeg: recline.shellAngleDeg, slopeDeg: slope, wedgeDeg, direction })
}

type AngleNow = { readonly angle: Interval; readonly how: 'measured' | 'worked-out' } | readonly Need[]

const findAngle = oncePerFitting((s): AngleNow => {
  const read = readNumber(s, 'shell-angle-deg')
  if (read.kind === 'known') return { angle: read.value, how: 'measured' }
  const angle = angleWorkedOut(s)
  return 'lo' in angle ? { angle, how: 'worked-out' } : angle
})

/** The shell's angle: measured in the car when that reading holds, worked out otherwise. */
export const angleNow = (s: FittedSubject): AngleNow => findAngle(s) ?? []
