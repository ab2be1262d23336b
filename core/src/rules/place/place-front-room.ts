import {
  frontClearanceMm,
  isBehindDriver,
  isReachKnown,
  judgeTouch,
  largestAngleDeg,
  reachesMm,
  shellFigures,
} from '../../fit/index.ts'
import { exactly, interval, middle, toInterval, type Interval } from '../../quantities/index.ts'
import { untilSeen } from '../looks.ts'
import { defineRule, type Need, type PlaceSubject, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-front-room.en.ts'

const say = sayer<typeof en>()

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

/** What would tell: one of the figures, the maker's word on touching, or nothing but the look at the car itself. */
function lackedBy({ position }: PlaceSubject, distance: Interval | undefined, reach: object | undefined): Need {
  if (distance === undefined) return 'position.frontClearanceMm'
  if (position.cushion?.slopeDeg === undefined) return 'position.cushionSlopeDeg'
  return reach === undefined ? 'check.front-seat' : 'route.frontSeat'
}

export default defineRule({
  id: 'place-front-room',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'maker',
  applies: (s) => s.mode.direction === 'rearward',
  evaluate: (s) => {
    const distance = mostDistance(s)
    const reach = isReachKnown(s.mode, s.route, s.position) ? reachesMm(s.mode, s.route, s.position) : undefined
    if (distance === undefined || reach === undefined || s.route.frontSeat === undefined)
      return untilSeen(s, lackedBy(s, distance, reach), 'front-seat')
    const { least, most } = reach
    const figures = shellFigures(s.mode)
    const back = s.position.frontSeatRangeMm?.fullyBackMm
    const needsTouch = s.route.frontSeat === 'must-touch'
    // A seat that can be moved is judged at its best setting; a gap is closed by moving it back.
    const room = frontClearanceMm(distance, least)
    const fits = judgeTouch('either', room)
    // Where even an exact distance would not tell, the doubt is how far the shell reaches on this cushion.
    const isDoubtOfReach = judgeTouch('either', frontClearanceMm(exactly(middle(distance)), least)) === 'undecided'
    const cannotTouch = needsTouch && back !== undefined && most.hi < back
    const kind = cannotTouch ? 'fail' : fits
    return outcomeOf(kind, [isDoubtOfReach ? 'position.cushionSlopeDeg' : 'position.frontClearanceMm'], {
      measured: room,
      limit: 0,
      unit: 'mm',
      margin: room.lo,
      says: say('judged', {
        cannotTouch,
        most,
        back,
        least,
        row: s.position.row,
        stands: toInterval(s.position.frontClearanceMm) ?? distance,
        kind,
        isDoubtOfReach,
        largestDeg: figures && largestAngleDeg(figures, distance),
      }),
    })
  },
})
