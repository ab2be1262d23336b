import { angleBand, MAX_SHELL_ANGLE_DEG, shellAngleDeg, wedgeAngleDeg } from '../../fit/index.ts'
import { formatInterval, marginWithin, toInterval, within, type Interval } from '../../quantities/index.ts'
import { isIntegral } from '../../restraint/index.ts'
import { readNumber } from '../outcomes.ts'
import { defineRule, type FittedSubject, type Need } from '../rule.ts'

/** The shell's angle: measured in the car when that reading holds, worked out otherwise. */
export function angleNow(
  s: FittedSubject,
): { readonly angle: Interval; readonly how: 'measured' | 'worked out' } | readonly Need[] {
  const read = readNumber(s, 'shell-angle-deg')
  if (read.kind === 'known') return { angle: read.value, how: 'measured' }
  const missing: Need[] = []
  const recline = s.mode.reclines?.find((r) => r.id === s.settings.recline?.value)
  if (recline === undefined) missing.push('setting.recline')
  const slope = toInterval(s.position.cushion?.slopeDeg)
  if (slope === undefined) missing.push('position.cushion')
  if (recline === undefined || slope === undefined) return missing
  const { wedge, direction } = s.mode
  const wedgeDeg = s.settings.wedge?.value === true && wedge ? wedgeAngleDeg(wedge.heightMm, wedge.baseLengthMm) : 0
  return {
    angle: shellAngleDeg({ reclineDeg: recline.shellAngleDeg, slopeDeg: slope, wedgeDeg, direction }),
    how: 'worked out',
  }
}

export default defineRule({
  id: 'shell-angle',
  title: 'Shell angle',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'practice',
  standsOn:
    'The maker’s own line, else by head control and age; never more than 45° in an integral shell that is not lie-flat.',
  limits: {
    'integral, at most': { value: MAX_SHELL_ANGLE_DEG, unit: '°' },
    'no head control, from': { value: 40, unit: '°' },
    'head control under a year, from': { value: 30, unit: '°' },
    'older rearward, from': { value: 20, unit: '°' },
    'older rearward, to': { value: 35, unit: '°' },
  },
  checks: ['shell-angle-deg'],
  applies: ({ mode, child, today }) =>
    isIntegral(mode) && (mode.reclines?.length ?? 0) > 0 && angleBand(mode, child, today) !== undefined,
  evaluate: (s) => {
    const band = angleBand(s.mode, s.child, s.today)
    if (band === 'ask-head-control' || band === undefined) {
      return {
        kind: 'undecided',
        missing: ['child.headControl'],
        reason: () => 'Whether the child holds its head decides the angle; it is not recorded.',
        remedy: () => 'Ask the carer and look: does the child hold its head steady?',
      }
    }
    const now = angleNow(s)
    const target = `${band.fromDeg}–${band.toDeg}° (${band.because})`
    if (!('angle' in now)) {
      return {
        kind: 'undecided',
        missing: now,
        source: band.statedBy,
        reason: () => `The shell angle cannot be worked out yet; the target is ${target}.`,
        remedy: () =>
          now.includes('position.cushion')
            ? 'Measure the cushion slope, or the shell angle once it is in.'
            : 'Record the recline that is set.',
      }
    }
    const kind = within(now.angle, band.fromDeg, band.toDeg)
    const isTooFlat = now.angle.hi > band.toDeg
    return {
      kind,
      source: band.statedBy,
      // Outside a practice band is advice; flatter than the ceiling, or off the maker's line, must be put right.
      severity:
        band.statedBy === 'practice' && now.angle.hi <= MAX_SHELL_ANGLE_DEG && band.fromDeg < 40 ? 'advise' : 'fix',
      measured: now.angle,
      limit: isTooFlat ? band.toDeg : band.fromDeg,
      unit: '°',
      margin: marginWithin(now.angle, band.fromDeg, band.toDeg),
      missing: kind === 'undecided' ? ['check.shell-angle-deg'] : undefined,
      reason: () =>
        `Shell at ${formatInterval(now.angle, '°').replace(' °', '°')} from vertical, ${now.how}; target ${target}.`,
      remedy: () =>
        kind === 'undecided'
          ? 'Measure the shell angle with an inclinometer.'
          : isTooFlat
            ? 'Choose a more upright recline position.'
            : 'Choose a more reclined position, or the wedge where the maker allows it.',
    }
  },
})
