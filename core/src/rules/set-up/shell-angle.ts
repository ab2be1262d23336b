import { angleBand, MAX_SHELL_ANGLE_DEG } from '../../fit/index.ts'
import { nearestEnd, within } from '../../quantities/index.ts'
import { isIntegral } from '../../restraint/index.ts'
import { angleNow } from '../angle-now.ts'
import { angleProofSeen } from '../angle-proof.ts'
import { defineRule, outcomeOf } from '../rule.ts'
import { flatterByMaker } from './shell-angle-ceiling.ts'
import { sayer } from '../say.ts'
import type en from './shell-angle.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'shell-angle',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'practice',
  limits: {
    'no head control, from': { value: 40, unit: '°' },
    'head control under a year, from': { value: 30, unit: '°' },
    'older rearward, from': { value: 20, unit: '°' },
    'older rearward, to': { value: 35, unit: '°' },
  },
  checks: ({ mode }) => (mode.angleProof ? ['angle-proof', 'shell-angle-deg'] : ['shell-angle-deg']),
  applies: (s) => isIntegral(s.mode) && (s.mode.angleProof !== undefined || angleBand(s) !== undefined),
  evaluate: (s) => {
    const proof = angleProofSeen(s)
    if (proof !== undefined) return proof
    const band = angleBand(s)
    if (band === 'ask-head-control' || band === undefined) {
      return {
        kind: 'undecided',
        missing: ['child.headControl'],
        says: say('unknown-head-control'),
      }
    }
    const now = angleNow(s)
    const { fromDeg, toDeg } = band
    if (!('angle' in now)) {
      return {
        kind: 'undecided',
        missing: now,
        source: band.statedBy,
        says: say('not-worked-out', { target: { fromDeg, toDeg, because: band.because }, now }),
      }
    }
    const kind = within(now.angle, fromDeg, toDeg)
    const isTooFlat = now.angle.hi > toDeg
    return outcomeOf(kind, ['check.shell-angle-deg'], { source: band.statedBy, severity:
        band.statedBy === 'practice' &&
        (now.angle.hi <= MAX_SHELL_ANGLE_DEG || flatterByMaker(s) === 'pass') &&
        fromDeg < 40
          ? 'advise'
          : 'fix', measured: now.angle, ...nearestEnd(now.angle, fromDeg, toDeg), unit: '°', says: say('judged', { angle: now.angle, how: now.how, target: { fromDeg, toDeg, because: band.because }, kind, isTooFlat }) })
  },
}) // prettier-ignore
