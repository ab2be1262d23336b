import { type IsoDate } from '../ground/index.ts'
import { ageMonthsOf, correctedAgeMonths, headControlOf, isPreterm, type Child } from '../child/index.ts'
import { interval, type Interval } from '../quantities/index.ts'
import type { PracticeProfile } from '../practice/index.ts'
import type { Mode } from '../restraint/index.ts'
import * as msg from './messages.en.ts'

/**
 * Back surface of the shell from vertical, in degrees: φ.
 *
 *   rearward          forward
 *      \  |              |  /        θ  recline position on a level cushion
 *       \φ|              |φ/         σ  cushion slope, front edge higher is +
 *        \|              |/          ω  wedge at the bight
 *   φ = θ − σ + ω     φ = θ + σ − ω
 */
export function shellAngleDeg(input: {
  readonly reclineDeg: number
  readonly slopeDeg: Interval
  readonly wedgeDeg: number
  readonly direction: Mode['direction']
}): Interval {
  const { reclineDeg, slopeDeg, wedgeDeg, direction } = input
  return direction === 'forward'
    ? interval(reclineDeg + slopeDeg.lo - wedgeDeg, reclineDeg + slopeDeg.hi - wedgeDeg)
    : interval(reclineDeg - slopeDeg.hi + wedgeDeg, reclineDeg - slopeDeg.lo + wedgeDeg)
}

/** ω = atan(h/B): what a wedge of height h at the bight does under a base of length B. */
export const wedgeAngleDeg = (heightMm: number, baseLengthMm: number): number =>
  (Math.atan(heightMm / baseLengthMm) * 180) / Math.PI

/** An integral shell that is not a lie-flat mode is never flatter than this. */
export const MAX_SHELL_ANGLE_DEG = 45

/** An open end of a band. */
export const RIGHT_ANGLE_DEG = 90

export interface AngleBand {
  /** 0 and 90 where the maker leaves an end open: it does not bind, the ceiling does. */
  readonly fromDeg: number
  readonly toDeg: number
  readonly statedBy: 'maker' | 'practice'
  readonly because: string
}

interface Asked {
  readonly mode: Mode
  readonly child: Child
  readonly today: IsoDate
  readonly practice: Pick<PracticeProfile, 'infantAngle'>
}

/** The school that sets an infant as upright as the head still lies back: no figure, a look at the chin decides. */
const BY_AIRWAY: AngleBand = {
  fromDeg: 0,
  toDeg: MAX_SHELL_ANGLE_DEG,
  statedBy: 'practice',
  because: msg.asUprightAsTheHead,
}

/**
 * Target band for the shell angle. The maker's own line wins; otherwise the
 * usual targets: without head control (and preterm) 40–45°, to about a year
 * 30–45°, older rearward 20–35°; where the profile says so, an infant by the airway. `undefined` where no target exists (forward
 * modes without a maker's line, lie-flat) or head control must be known first.
 */
export function angleBand({ mode, child, today, practice }: Asked): AngleBand | 'ask-head-control' | undefined {
  // Several rules ask this of the same documents, which are never changed in place.
  const school = practice.infantAngle ?? 'usual-band'
  const known = bands.get(child)
  if (known?.mode === mode && known.today === today && known.school === school) return known.band
  const band = findAngleBand(mode, child, today, school)
  bands.set(child, { mode, today, school, band })
  return band
}

type Band = AngleBand | 'ask-head-control' | undefined
type School = NonNullable<PracticeProfile['infantAngle']>
const bands = new WeakMap<
  Child,
  { readonly mode: Mode; readonly today: IsoDate; readonly school: School; readonly band: Band }
>()

function findAngleBand(mode: Mode, child: Child, today: IsoDate, school: School): Band {
  const own = mode.targetAngleDeg
  if (own?.from !== undefined || own?.to !== undefined) {
    return {
      fromDeg: own.from ?? 0,
      toDeg: own.to ?? RIGHT_ANGLE_DEG,
      statedBy: 'maker',
      because: msg.theMakersOwnLine,
    }
  }
  if (mode.direction !== 'rearward' || mode.shape === 'lie-flat') return undefined
  const control = headControlOf(child, today)
  const age = ageMonthsOf(child, today)
  const isUnderYear = age === undefined || age.lo < 12
  const corrected = correctedAgeMonths(child, today)
  const byAirway = school === 'upright-as-airway-allows' ? BY_AIRWAY : undefined
  const isYoungPreterm = isPreterm(child) && corrected !== undefined && corrected.lo < 6
  if (control === 'none' && byAirway && !isYoungPreterm) return byAirway
  if (control === 'none' || isYoungPreterm) {
    return { fromDeg: 40, toDeg: 45, statedBy: 'practice', because: msg.noHeadControlYet }
  }
  if (control === 'unknown') return 'ask-head-control'
  if (isUnderYear && byAirway) return byAirway
  return isUnderYear
    ? { fromDeg: 30, toDeg: 45, statedBy: 'practice', because: msg.headControlUnderAYear }
    : { fromDeg: 20, toDeg: 35, statedBy: 'practice', because: msg.olderChildRearward }
}

/** Whether no figure but a look at the chin decides how upright it may stand. */
export const isByAirway = (band: AngleBand): boolean => band === BY_AIRWAY
