import { frontClearanceMm, isBehindDriver, isReachKnown, judgeTouch, reachesMm } from '../../fit/index.ts'
import { formatInterval, interval, toInterval, type Interval } from '../../quantities/index.ts'
import { untilSeen } from '../outcomes.ts'
import { defineRule, type PlaceSubject } from '../rule.ts'

/**
 * The most room that the seat in front can leave. A driver's seat stands where
 * its tallest driver has it; another may go as far forward as its track allows.
 */
function mostDistance({ position, vehicle }: PlaceSubject): Interval | undefined {
  const tallest = toInterval(position.frontClearanceMm)
  const forward = position.frontSeatRangeMm?.fullyForwardMm
  if (tallest === undefined || forward === undefined || isBehindDriver(vehicle, position)) return tallest
  return interval(Math.max(tallest.lo, forward), Math.max(tallest.hi, forward))
}

export default defineRule({
  id: 'place-front-room',
  title: 'Room for the shell behind the seat in front',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'maker',
  standsOn:
    'At least one permitted recline must leave the room that the maker’s touch rule asks for, with the seat in front where its tallest user can sit.',
  applies: (s) => s.mode.direction === 'rearward',
  evaluate: (s) => {
    const distance = mostDistance(s)
    const reach = isReachKnown(s.mode, s.route, s.position) ? reachesMm(s.mode, s.route, s.position) : undefined
    if (distance === undefined || reach === undefined || s.route.frontSeat === undefined) {
      return untilSeen(s, {
        need: 'position.frontClearanceMm',
        check: 'front-seat',
        what: 'The room before the shell',
        remedy: 'Set the seat in front for its tallest user and look between; in the front row, at the dashboard.',
      })
    }
    const { least, most } = reach
    const back = s.position.frontSeatRangeMm?.fullyBackMm
    const needsTouch = s.route.frontSeat === 'must-touch'
    // A seat that can be moved is judged at its best setting; a gap is closed by moving it back.
    const room = frontClearanceMm(distance, least)
    const fits = judgeTouch('either', room)
    const cannotTouch = needsTouch && back !== undefined && most.hi < back
    const kind = cannotTouch ? 'fail' : fits
    return {
      kind,
      measured: room,
      limit: 0,
      unit: 'mm',
      margin: room.lo,
      missing: kind === 'undecided' ? ['position.frontClearanceMm'] : undefined,
      reason: () =>
        cannotTouch
          ? `The maker asks for touch; the shell reaches ${formatInterval(most, 'mm', 0)} at most, and the seat in front comes back to ${back} mm.`
          : `The shell reaches at least ${formatInterval(least, 'mm', 0)} from the backrest; ${s.position.row === 1 ? 'the dashboard' : 'the seat in front'} stands at ${formatInterval(toInterval(s.position.frontClearanceMm) ?? distance, 'mm', 0)}${s.position.row === 1 ? '' : ' for its tallest user'}.`,
      remedy: () =>
        kind === 'undecided'
          ? 'Measure the distance to the seat in front more closely.'
          : 'No permitted recline fits: another place, car or restraint.',
    }
  },
})
