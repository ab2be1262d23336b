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
    ? [{ setting: 'wedge', kind: 'set', value: false, text: 'No wedge', because: 'no angle asks for it' }]
    : []
  if (s.mode.reclines === undefined && isIntegral(s.mode) && s.mode.shape !== 'lie-flat') {
    return [{ setting: 'recline', kind: 'ask', text: 'Look up the recline positions', because: NOT_READ }]
  }
  if (reclines.length === 0) return noWedge
  const ask = (text: string, because: string): Recommendation[] => [{ setting: 'recline', kind: 'ask', text, because }]
  const band = angleBand(s)
  if (band === 'ask-head-control') return ask('Ask about head control first', 'it decides how far the shell may sit up')
  const permitted = s.route.permittedReclines ?? reclines.map((r) => r.id)
  const names = reclines.filter((r) => permitted.includes(r.id)).map((r) => r.label)
  const slope = toInterval(s.position.cushion?.slopeDeg)
  const choose = (ids: readonly string[], because: string): readonly Recommendation[] => [
    { setting: 'recline', kind: 'choose', values: ids, text: `One of ${names.join(', ')}`, because },
    ...noWedge,
  ]
  if (s.mode.angleProof) return choose(permitted, `the one at which it shows good: ${s.mode.angleProof.what}`)
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
          text: 'No permitted recline is upright enough here',
          because: `never more than ${MAX_SHELL_ANGLE_DEG}°`,
        },
      ]
    return choose(
      upright.map((r) => r.id),
      'the maker permits these here and states no angle',
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
        'the most upright at which the head lies back, asleep too',
      )
  }
  if (slope === undefined) return ask('Measure the cushion slope first', `the target is ${band.fromDeg}–${band.toDeg}°`)
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
  const target = `target ${fromDeg}–${toDeg}° (${band.because})`
  const slopeText = `cushion slope ${degrees(slope)}`
  if (best === undefined) {
    if (reached.length > 0) {
      const because = `${slopeText}, ${target}; those that meet it leave no room in front of the shell`
      return [{ setting: 'recline', kind: 'none', text: 'No recline meets target and room together', because }]
    }
    const nearest = angled.toSorted((a, b) => angleRoom(b.angle, band) - angleRoom(a.angle, band))[0]
    const shown = nearest ? `; nearest is ${nearest.label} at ${degrees(nearest.angle)}` : ''
    const because = `${slopeText}, ${target}${shown}`
    return [{ setting: 'recline', kind: 'none', text: 'No permitted recline is sure to meet the target', because }]
  }
  const because = `shell ${degrees(best.angle)}: ${slopeText}, ${target}`
  const recline: Recommendation = {
    setting: 'recline',
    kind: 'set',
    value: best.reclineId,
    text: `Recline ${best.label}`,
    because,
  }
  if (!s.mode.wedge?.allowed) return [recline]
  const wedgeText = best.wedge ? 'Wedge in' : 'No wedge'
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
  const because = `the shell reaches ${formatInterval(room.reachMm, 'mm', 0)} from the backrest, and the maker asks for touch`
  const isOnTrack = range === undefined || (value >= range.fullyBackMm && value <= range.fullyForwardMm)
  const fitsDriver = tallest === undefined || !isBehindDriver(s.vehicle, s.position) || value <= tallest.hi
  if (!isOnTrack || !fitsDriver) {
    const text = isOnTrack ? 'Its tallest driver needs it further back' : 'The seat in front does not come so far'
    return [{ setting, kind: 'none', text, because }]
  }
  return [{ setting, kind: 'set', value, text: `Seat in front to ${value} mm, until it touches`, because }]
}
