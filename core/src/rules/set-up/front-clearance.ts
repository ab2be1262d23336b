import { judgeTouch } from '../../fit/index.ts'
import { formatInterval, formatNumber } from '../../quantities/index.ts'
import { frontRoomNow } from '../front-room-now.ts'
import { defineRule, type FittedSubject } from '../rule.ts'

/** What the maker asks, or the school where the maker leaves it open. */
function touchRule(s: FittedSubject) {
  const own = s.route.frontSeat ?? 'either'
  const bySchool = own === 'either' && s.practice.frontSeatGap === 'clear-gap-always'
  return { rule: bySchool ? ('must-not-touch' as const) : own, bySchool }
}

const ASKS = {
  'must-touch': 'the maker asks for touch',
  'must-not-touch': 'a clear gap is asked for',
  either: 'the maker accepts touch or gap',
} as const

/** Worked out before anything is carried to the car; what is seen there afterwards takes its place. */
export default defineRule({
  id: 'front-clearance',
  title: 'Room before the shell',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'Clearance is D − X with X = x₀ + ℓ·sin φ and D at the tallest driver’s setting, or as the seat in front stands; the maker’s touch rule is held against it until it is looked at.',
  // What is seen there afterwards takes its place; until figures are known the look alone is asked.
  applies: (s) =>
    s.mode.direction === 'rearward' &&
    s.route.frontSeat !== undefined &&
    (s.look('front-seat').reading?.option === undefined || s.look('front-seat').staleBecause !== undefined) &&
    frontRoomNow(s) !== undefined,
  evaluate: (s) => {
    const room = frontRoomNow(s)
    if (room === undefined) throw new Error('front-clearance applies where the room is known')
    const { clearanceMm: clearance, reachMm, distanceMm } = room
    const { rule, bySchool } = touchRule(s)
    const kind = judgeTouch(rule, clearance)
    const isTooFarBack = clearance.hi < 0 || (rule !== 'must-touch' && clearance.lo <= 0)
    return {
      kind,
      source: bySchool ? 'practice' : 'maker',
      // A school asks for more than the maker only where the two merely touch.
      severity: bySchool && kind === 'fail' && clearance.hi >= 0 ? 'advise' : 'fix',
      measured: clearance,
      limit: 0,
      unit: 'mm',
      margin: rule === 'must-touch' ? -Math.max(clearance.lo, -clearance.hi) : clearance.lo,
      missing: kind === 'undecided' ? ['check.front-seat'] : undefined,
      reason: () =>
        `The shell reaches ${formatInterval(reachMm, 'mm', 0)} from the backrest and ${s.position.row === 1 ? 'the dashboard' : 'the seat in front'} stands at ${formatInterval(distanceMm, 'mm', 0)}${room.isAsSet || s.position.row === 1 ? '' : ', set for its tallest driver'}: room of ${formatInterval(clearance, 'mm', 0)}; ${ASKS[rule]}.`,
      remedy: () =>
        kind === 'undecided'
          ? 'Too close to tell from the figures: set the seat in front where it travels and look.'
          : isTooFarBack
            ? `Needs ${formatNumber(-clearance.lo, 0)} mm more: a more upright recline, the seat in front further forward, or another place.`
            : `Slide the seat in front back by ${formatNumber(clearance.lo, 0)} to ${formatNumber(clearance.hi, 0)} mm until it touches, or use another place.`,
    }
  },
})
