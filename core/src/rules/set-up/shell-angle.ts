import { angleBand, MAX_SHELL_ANGLE_DEG, RIGHT_ANGLE_DEG } from '../../fit/index.ts'
import { formatInterval, marginWithin, within } from '../../quantities/index.ts'
import { isIntegral } from '../../restraint/index.ts'
import { angleNow } from '../angle-now.ts'
import { angleProofSeen } from '../angle-proof.ts'
import { defineRule, type Need } from '../rule.ts'
import { flatterByMaker } from './shell-angle-ceiling.ts'

const howToTell = (missing: readonly Need[]): string =>
  missing.includes('mode.reclines')
    ? 'Read the recline positions in the manual, or measure the shell angle with an inclinometer once it is in.'
    : missing.includes('position.cushion')
      ? 'Measure the cushion slope, or the shell angle once it is in.'
      : missing.includes('setting.wedge')
        ? 'Record whether the wedge is in.'
        : missing.includes('setting.recline')
          ? 'Record the recline that is set.'
          : 'Measure the shell angle with an inclinometer once it is in.'

export default defineRule({
  id: 'shell-angle',
  title: 'Shell angle',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'practice',
  standsOn:
    'The maker’s own line or indicator seen good settles it; then the maker’s figures; where there are none, the usual targets by head control and age.',
  limits: {
    'no head control, from': { value: 40, unit: '°' },
    'head control under a year, from': { value: 30, unit: '°' },
    'older rearward, from': { value: 20, unit: '°' },
    'older rearward, to': { value: 35, unit: '°' },
  },
  checks: ({ mode }) => (mode.angleProof ? ['angle-proof', 'shell-angle-deg'] : ['shell-angle-deg']),
  applies: ({ mode, child, today }) =>
    isIntegral(mode) && (mode.angleProof !== undefined || angleBand(mode, child, today) !== undefined),
  evaluate: (s) => {
    const proof = angleProofSeen(s)
    if (proof !== undefined) return proof
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
    const { fromDeg, toDeg } = band
    const range = fromDeg === 0 ? `at most ${toDeg}°` : toDeg === RIGHT_ANGLE_DEG ? `at least ${fromDeg}°` : `${fromDeg}–${toDeg}°`
    const target = `${range} (${band.because})`
    if (!('angle' in now)) {
      return {
        kind: 'undecided',
        missing: now,
        source: band.statedBy,
        reason: () => `The shell angle cannot be worked out yet; the target is ${target}.`,
        remedy: () => howToTell(now),
      }
    }
    const kind = within(now.angle, fromDeg, toDeg)
    const isTooFlat = now.angle.hi > toDeg
    return {
      kind,
      source: band.statedBy,
      // Outside a practice band is advice; flatter than the ceiling, or off the maker's line, must be put right.
      severity:
        band.statedBy === 'practice' &&
        (now.angle.hi <= MAX_SHELL_ANGLE_DEG || flatterByMaker(s) === 'pass') &&
        fromDeg < 40
          ? 'advise'
          : 'fix',
      measured: now.angle,
      limit: isTooFlat || fromDeg === 0 ? toDeg : fromDeg,
      unit: '°',
      margin: marginWithin(now.angle, fromDeg, toDeg),
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
}) // prettier-ignore
