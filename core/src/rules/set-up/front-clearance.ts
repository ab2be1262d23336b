import { judgeTouch, largestAngleDeg, shellFigures } from '../../fit/index.ts'
import { frontRoomNow } from '../front-room-now.ts'
import { defineRule, type FittedSubject, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './front-clearance.en.ts'

const say = sayer<typeof en>()

/** What the maker asks, or the school where the maker leaves it open. */
function touchRule(s: FittedSubject) {
  const own = s.route.frontSeat ?? 'either'
  const bySchool = own === 'either' && s.practice.frontSeatGap === 'clear-gap-always'
  return { rule: bySchool ? ('must-not-touch' as const) : own, bySchool }
}

/** Worked out before anything is carried to the car; what is seen there afterwards takes its place. */
export default defineRule({
  id: 'front-clearance',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
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
    const figures = shellFigures(s.mode)
    const { rule, bySchool } = touchRule(s)
    const kind = judgeTouch(rule, clearance)
    const isTooFarBack = clearance.hi < 0 || (rule !== 'must-touch' && clearance.lo <= 0)
    return outcomeOf(kind, ['check.front-seat'], {
      source: bySchool ? 'practice' : 'maker',
      severity: bySchool && kind === 'fail' && clearance.hi >= 0 ? 'advise' : 'fix',
      measured: clearance,
      limit: 0,
      unit: 'mm',
      // Touching is neither gap nor pressure: whichever of them may be the more is missing to it.
      margin: rule === 'must-touch' ? 0 - Math.max(Math.abs(clearance.lo), Math.abs(clearance.hi)) : clearance.lo,
      says: say('judged', {
        reachMm,
        row: s.position.row,
        distanceMm,
        isAsSet: room.isAsSet,
        clearance,
        rule,
        kind,
        isTooFarBack,
        largestDeg: figures && largestAngleDeg(figures, distanceMm, room.slideMm),
      }),
    })
  },
})
