import {
  angleBand,
  isByAirway,
  isBehindDriver,
  judgeTouch,
  MAX_SHELL_ANGLE_DEG,
  shellAngleDeg,
  wedgeAngleDeg,
  type AngleBand,
} from '../fit/index.ts'
import { whatIf } from '../match/index.ts'
import { exactly, formatInterval, marginWithin, middle, toInterval, type Interval } from '../quantities/index.ts'
import { isIntegral } from '../restraint/index.ts'
import { frontRoomNow, type FittedSubject } from '../rules/index.ts'
import { NOT_READ } from './recommend-child.ts'
import type { Recommendation } from './recommendation.ts'
import * as msg from './messages.en.ts'

interface Angled {
  readonly reclineId: string
  readonly label: string
  readonly wedge: boolean
  readonly angle: Interval
}

/** Every permitted recline, without the wedge and (where the maker allows it) with it. */
function angledReclines(s: FittedSubject, slopeDeg: Interval): readonly Angled[] {
  const permitted = s.route.permittedReclines ?? s.mode.reclines?.map((r) => r.id) ?? []
  const wedges = s.mode.wedge?.allowed ? [false, true] : [false]
  return wedges.flatMap((wedge) =>
    (s.mode.reclines ?? [])
      .filter((r) => permitted.includes(r.id))
      .map((r) => ({
        reclineId: r.id,
        label: r.label,
        wedge,
        angle: shellAngleDeg({
          reclineDeg: r.shellAngleDeg,
          slopeDeg,
          wedgeDeg: wedge && s.mode.wedge ? wedgeAngleDeg(s.mode.wedge.heightMm, s.mode.wedge.baseLengthMm) : 0,
          direction: s.mode.direction,
        }),
      })),
  )
}

const angleRoom = (angle: Interval, { fromDeg, toDeg }: AngleBand): number =>
  marginWithin(angle, fromDeg, toDeg) ?? -Infinity

/**
 * How much an angle inside the band is wanted, more is better: the young have
 * the most room on both sides, an older rearward child sits by the school.
 */
export function anglePreference(s: Pick<FittedSubject, 'practice'>, band: AngleBand): (angle: Interval) => number {
  const isOlder = band.statedBy === 'practice' && band.toDeg <= 35
  if (isByAirway(band)) return (angle) => -angle.lo
  if (!isOlder) return (angle) => angleRoom(angle, band)
  return s.practice.olderRearwardRecline === 'most-reclined' ? (angle) => angle.lo : (angle) => -angle.lo
}

const degrees = (x: Interval): string => formatInterval(x, '°').replace(' °', '°')

export function recommendRecline(s: FittedSubject): readonly Recommendation[] {
  const reclines = s.mode.reclines ?? []
  const noWedge: readonly Recommendation[] = s.mode.wedge?.allowed
    ? [{ setting: 'wedge', kind: 'set', value: false, text: msg.noWedge, because: msg.noAngleAsksForIt }]
    : []
  if (s.mode.reclines === undefined && isIntegral(s.mode) && s.mode.shape !== 'lie-flat') {
    return [{ setting: 'recline', kind: 'ask', text: msg.lookUpTheReclinePositions, because: NOT_READ }]
  }
  if (reclines.length === 0) return noWedge
  const ask = (text: string, because: string): Recommendation[] => [{ setting: 'recline', kind: 'ask', text, because }]
  const band = angleBand(s)
  if (band === 'ask-head-control') return ask(msg.askAboutHeadControlFirst, msg.itDecidesHowFarThe)
  const permitted = s.route.permittedReclines ?? reclines.map((r) => r.id)
  const names = reclines.filter((r) => permitted.includes(r.id)).map((r) => r.label)
  const slope = toInterval(s.position.cushion?.slopeDeg)
  const choose = (ids: readonly string[], because: string): readonly Recommendation[] => [
    { setting: 'recline', kind: 'choose', values: ids, text: msg.oneOf(names.join(', ')), because },
    ...noWedge,
  ]
  if (s.mode.angleProof) return choose(permitted, msg.theOneAtWhichIt(s.mode.angleProof.what))
  if (band === undefined) {
    // Flatter than the ceiling is none of them, where the slope is known.
    const upright = reclines.filter((r) => {
      if (!permitted.includes(r.id) || slope === undefined) return permitted.includes(r.id)
      const angle = shellAngleDeg({
        reclineDeg: r.shellAngleDeg,
        slopeDeg: slope,
        wedgeDeg: 0,
        direction: s.mode.direction,
      })
      return angle.hi <= MAX_SHELL_ANGLE_DEG || r.flatterInCarUntil !== undefined
    })
    if (upright.length === 0)
      return [
        {
          setting: 'recline',
          kind: 'none',
          text: msg.noPermittedReclineIsUpright,
          because: msg.neverMoreThan(MAX_SHELL_ANGLE_DEG),
        },
      ]
    return choose(
      upright.map((r) => r.id),
      msg.theMakerPermitsTheseHere,
    )
  }
  if (isByAirway(band)) {
    // The most upright first: which of them lets the head lie back is seen on the child.
    const upright = angledReclines(s, slope ?? exactly(0))
      .filter((a) => !a.wedge && (slope === undefined || a.angle.hi <= band.toDeg))
      .toSorted((a, b) => a.angle.lo - b.angle.lo)
    if (upright.length > 0)
      return choose(
        upright.map((a) => a.reclineId),
        msg.theMostUprightAtWhich,
      )
  }
  if (slope === undefined) return ask(msg.measureTheCushionSlopeFirst, msg.theTargetIs(band.fromDeg, band.toDeg))
  const { fromDeg, toDeg } = band
  const angled = angledReclines(s, slope)
  const leavesRoom = ({ reclineId, wedge }: Angled): boolean => {
    const { frontSeat } = s.route
    if (frontSeat === undefined || s.mode.direction !== 'rearward') return true
    const room = frontRoomNow(whatIf(s, { recline: reclineId, ...(s.mode.wedge && { wedge }) }))
    // A gap where the maker asks for touch is closed by the seat in front, not by the recline.
    const rule = frontSeat === 'must-touch' ? 'either' : frontSeat
    return room === undefined || judgeTouch(rule, room.clearanceMm) !== 'fail'
  }
  const reached = angled.filter((a) => angleRoom(a.angle, band) >= 0)
  const inBand = reached.filter(leavesRoom)
  const withoutWedge = inBand.filter((a) => !a.wedge)
  const candidates = withoutWedge.length > 0 ? withoutWedge : inBand
  const prefer = anglePreference(s, band)
  const best = candidates.toSorted((a, b) => prefer(b.angle) - prefer(a.angle))[0]
  const target = msg.target(fromDeg, toDeg, band.because)
  const slopeText = msg.cushionSlope(degrees(slope))
  if (best === undefined) {
    if (reached.length > 0) {
      const because = msg.thoseThatMeetItLeave(slopeText, target)
      return [{ setting: 'recline', kind: 'none', text: msg.noReclineMeetsTargetAnd, because }]
    }
    const nearest = angled.toSorted((a, b) => angleRoom(b.angle, band) - angleRoom(a.angle, band))[0]
    const shown = nearest ? msg.nearestIsAt(nearest.label, degrees(nearest.angle)) : ''
    const because = `${slopeText}, ${target}${shown}`
    return [{ setting: 'recline', kind: 'none', text: msg.noPermittedReclineIsSure, because }]
  }
  const because = msg.shell(degrees(best.angle), slopeText, target)
  const recline: Recommendation = {
    setting: 'recline',
    kind: 'set',
    value: best.reclineId,
    text: msg.recline(best.label),
    because,
  }
  if (!s.mode.wedge?.allowed) return [recline]
  const wedgeText = best.wedge ? msg.wedgeIn : msg.noWedge
  return [recline, { setting: 'wedge', kind: 'set', value: best.wedge, text: wedgeText, because }]
}

/** Where the maker asks for touch: the seat in front comes to where the shell reaches, if its track and its user allow. */
export function recommendFrontSeat(s: FittedSubject): readonly Recommendation[] {
  if (s.route.frontSeat !== 'must-touch' || s.mode.direction !== 'rearward' || s.position.row === 1) return []
  const setting = 'frontSeatGapMm'
  const room = frontRoomNow(s)
  if (room === undefined) return []
  const value = Math.round(middle(room.reachMm))
  const tallest = toInterval(s.position.frontClearanceMm)
  const range = s.position.frontSeatRangeMm
  const because = msg.theShellReachesFromThe(formatInterval(room.reachMm, 'mm', 0))
  const isOnTrack = range === undefined || (value >= range.fullyBackMm && value <= range.fullyForwardMm)
  const fitsDriver = tallest === undefined || !isBehindDriver(s.vehicle, s.position) || value <= tallest.hi
  if (!isOnTrack || !fitsDriver) {
    const text = isOnTrack ? msg.itsTallestDriverNeedsIt : msg.theSeatInFrontDoes
    return [{ setting, kind: 'none', text, because }]
  }
  return [{ setting, kind: 'set', value, text: msg.seatInFrontToMm(value), because }]
}
