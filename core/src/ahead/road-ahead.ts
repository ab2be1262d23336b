import { type IsoDate } from '../ground/index.ts'
import { chosenIn, type Case } from '../casefile/index.ts'
import { ageMonthsOf, isPreterm } from '../child/index.ts'
import {
  angleBand,
  gaugeAboveExitMm,
  insertThicknessMm,
  servedUpToMm,
  shellAngleDeg,
  strapRuleOf,
  wedgeAngleDeg,
} from '../fit/index.ts'
import {
  endingText,
  forecastInput,
  forecastMode,
  growAll,
  Passages,
  quantile,
  type Quantiles,
} from '../forecast/index.ts'
import { localEndBounds } from '../law/index.ts'
import {
  addDays,
  addMonths,
  DAYS_PER_MONTH,
  formatInterval,
  formatNumber,
  middle,
  toInterval,
  within,
} from '../quantities/index.ts'
import { lifeEnd, type Insert, type Mode, type Until } from '../restraint/index.ts'
import type { Bound } from '../rules/index.ts'
import * as msg from './messages.en.ts'

/**
 * What changes next for one fitting, and when: the middle of the possible
 * children, and the days between which it comes for eight in ten of them.
 */
export interface AheadItem {
  readonly id: string
  readonly kind:
    | 'next-check'
    | 'insert-out'
    | 'wedge-out'
    | 'strap-up'
    | 'may-turn'
    | 'guard-opens'
    | 'mode-ends'
    | 'unit-ends'
    | 'duty-ends'
  readonly title: string
  readonly because: string
  readonly early: IsoDate
  readonly likely: IsoDate
  /** Absent where one child in ten may not come to it within the tables. */
  readonly late?: IsoDate
  /** A day that is known, not forecast. */
  readonly isFixed: boolean
}

/** Possible children grown for one road: enough for days that are told to the month. */
export const AHEAD_TRAJECTORIES = 1000

const afterMonths = (today: IsoDate, months: number): IsoDate => addDays(today, Math.round(months * DAYS_PER_MONTH))

/** The days of a forecast; `undefined` where the middle child never comes to it, or it is over already. */
export function datesOf(
  today: IsoDate,
  { p10, p50, p90 }: Quantiles,
): Pick<AheadItem, 'early' | 'likely' | 'late'> | undefined {
  if (!Number.isFinite(p50)) return undefined
  return {
    early: afterMonths(today, p10),
    likely: afterMonths(today, p50),
    ...(Number.isFinite(p90) && { late: afterMonths(today, p90) }),
  }
}

const untilBounds = (until: Until): readonly Bound[] => [
  ...(until.massKg === undefined ? [] : [{ quantity: 'massKg', wording: 'at-least', limit: until.massKg } as const]),
  ...(until.statureCm === undefined
    ? []
    : [{ quantity: 'statureCm', wording: 'at-least', limit: until.statureCm } as const]),
  ...(until.ageMonths === undefined
    ? []
    : [{ quantity: 'ageMonths', wording: 'at-least', limit: until.ageMonths } as const]),
]

/**
 * When the local rule ends, in months from today. An age comes by itself, also
 * beyond what the growth tables reach.
 */
export function dutyEnds(c: Case, passages: Passages): Quantiles {
  const bounds = localEndBounds(c.localRule)
  const grown = firstOf(
    passages,
    bounds.filter((b) => b.quantity !== 'ageMonths').map((b): Bound => ({ ...b, wording: 'at-least' })),
  )
  const age = ageMonthsOf(c.child, c.today)
  const ageLimit = bounds.find((b) => b.quantity === 'ageMonths')?.limit
  const atAge = age === undefined || ageLimit === undefined ? Infinity : Math.max(0, ageLimit - middle(age))
  return { p10: Math.min(grown.p10, atAge), p50: Math.min(grown.p50, atAge), p90: Math.min(grown.p90, atAge) }
}

/** When the first of several limits is reached. */
function firstOf(passages: Passages, bounds: readonly Bound[]): Quantiles {
  const { count } = passages.growth
  const first = new Float32Array(count).fill(Infinity)
  for (const bound of bounds) {
    const at = passages.of(bound)
    for (let i = 0; i < count; i += 1) first[i] = Math.min(first[i] as number, at[i] as number)
  }
  const sorted = first.toSorted()
  return { p10: quantile(sorted, 0.1), p50: quantile(sorted, 0.5), p90: quantile(sorted, 0.9) }
}

const limitText = (until: Until): string =>
  [
    until.massKg !== undefined && `${formatNumber(until.massKg)} kg`,
    until.statureCm !== undefined && `${formatNumber(until.statureCm)} cm`,
    until.ageMonths !== undefined && `${formatNumber(until.ageMonths)} months`,
  ]
    .filter(Boolean)
    .join(' or ')

/** The strap setting that comes after the one that is set, and the shoulder at which it is due. */
function nextStrap(
  mode: Mode,
  setMm: number,
  insertMm: number,
): { readonly bound: Bound; readonly text: string } | undefined {
  const adjuster = mode.strap?.adjuster
  if (adjuster === undefined || mode.heldBy !== 'harness') return undefined
  if (adjuster.kind !== 'slots') {
    // At its top there is no next click: the mode ends there.
    if (setMm >= adjuster.toMm) return undefined
    const gauge = gaugeAboveExitMm(mode)
    const at = gauge === undefined ? '' : msg.fromMm(formatNumber(setMm + gauge, 0))
    const text = adjuster.kind === 'stepless' ? msg.theNextMarkOfThe(at) : msg.theHeadSupportsNextClick(at)
    return { bound: { quantity: 'shoulderMm', wording: 'at-most', limit: servedUpToMm(mode, setMm) - insertMm }, text }
  }
  const heights = adjuster.heightsMm.toSorted((a, b) => a - b)
  const next = heights.find((h) => h > setMm)
  if (next === undefined) return undefined
  const text = msg.slotMm(heights.indexOf(next) + 1, formatNumber(next, 0))
  const rule = strapRuleOf(mode)
  // From below, the next slot serves once the shoulder has come to it; from above, once it has passed the present one.
  return rule === 'at-or-just-below' || rule === 'level-or-just-under'
    ? { bound: { quantity: 'shoulderMm', wording: 'at-least', limit: next - insertMm }, text }
    : { bound: { quantity: 'shoulderMm', wording: 'at-most', limit: setMm - insertMm }, text }
}

/** Months to the next look at the fit, by age: our own figures; a child under a year outgrows a setting soonest. */
const CHECK_EVERY = { underOneYear: 2, underThreeYears: 4, older: 6 } as const

function checkMonths(c: Case): number {
  const age = ageMonthsOf(c.child, c.today)
  if (age === undefined || age.lo < 12 || (isPreterm(c.child) && age.lo < 15)) return CHECK_EVERY.underOneYear
  return age.lo < 36 ? CHECK_EVERY.underThreeYears : CHECK_EVERY.older
}

/** From this age the usual band for the shell is steeper (domain figures of `angleBand`). */
const STEEPER_FROM_MONTHS = 12

/** The day from which the shell stands well without the wedge that lies under it; `undefined` where none is known. */
function wedgeOut(c: Case): { readonly on: IsoDate; readonly because: string } | undefined {
  const { mode, position } = chosenIn(c)
  const { dateOfBirth } = c.child
  const recline = mode?.reclines?.find((r) => r.id === c.settings.recline?.value)
  const slopeDeg = toInterval(position?.cushion?.slopeDeg)
  if (!mode?.wedge || c.settings.wedge?.value !== true || !recline || !slopeDeg || dateOfBirth === undefined)
    return undefined
  const on = addMonths(dateOfBirth, STEEPER_FROM_MONTHS)
  const now = angleBand({ ...c, mode })
  const then = angleBand({ ...c, mode, today: on })
  if (on <= c.today || typeof now !== 'object' || typeof then !== 'object' || then.statedBy === 'maker')
    return undefined
  const bare = shellAngleDeg({ reclineDeg: recline.shellAngleDeg, slopeDeg, wedgeDeg: 0, direction: mode.direction })
  const wedgeDeg = wedgeAngleDeg(mode.wedge.heightMm, mode.wedge.baseLengthMm)
  const wedged = shellAngleDeg({ reclineDeg: recline.shellAngleDeg, slopeDeg, wedgeDeg, direction: mode.direction })
  if (within(bare, then.fromDeg, then.toDeg) !== 'pass' || wedged.hi <= then.toDeg) return undefined
  return {
    on,
    because: msg.fromAYearToWithout(then.fromDeg, then.toDeg, formatInterval(bare, '°')),
  }
}

/** Everything that is ahead of a fitting, soonest first; empty of forecasts while the child is not measured. */
export function roadAhead(c: Case, count = AHEAD_TRAJECTORIES): readonly AheadItem[] {
  const { model, unit, mode } = chosenIn(c)
  const items: AheadItem[] = []
  const fixed = (id: string, kind: AheadItem['kind'], title: string, because: string, on: IsoDate): void => {
    items.push({ id, kind, title, because, early: on, likely: on, late: on, isFixed: true })
  }
  if (!model || !mode) return []
  const months = checkMonths(c)
  fixed('next-check', 'next-check', msg.lookAtTheFitAgain, msg.everyMonthsAtThisAge(months), addMonths(c.today, months)) // prettier-ignore
  const wedge = wedgeOut(c)
  if (wedge) fixed('wedge-out', 'wedge-out', msg.wedgeOut, wedge.because, wedge.on)
  const input = forecastInput(c.child, c.today)
  if (input) {
    const passages = new Passages(growAll(input, count))
    const add = (id: string, kind: AheadItem['kind'], title: string, because: string, q: Quantiles): void => {
      const dates = datesOf(c.today, q)
      if (dates && q.p50 > 0) items.push({ id, kind, title, because, ...dates, isFixed: false })
    }
    const insertsIn = c.settings.insertsIn?.value ?? []
    const isIn = (insert: Insert): boolean => insertsIn.includes(insert.id)
    for (const insert of (mode.inserts ?? []).filter(isIn)) {
      const until = insert.allowedUntil
      if (until && untilBounds(until).length > 0)
        add(`insert-${insert.id}`, 'insert-out', `${insert.name} out`, msg.theMakerAllowsItUntil(limitText(until)), firstOf(passages, untilBounds(until))) // prettier-ignore
    }
    const set = c.settings.strapHeightMm?.value
    const strap = set === undefined ? undefined : nextStrap(mode, set, insertThicknessMm(mode, insertsIn))
    if (strap)
      add('strap-up', 'strap-up', msg.strapsUpTo(strap.text), msg.theShoulderHasGrownPast, firstOf(passages, [strap.bound])) // prettier-ignore
    const circumstances = { today: c.today, child: c.child, practice: c.practice, localRule: c.localRule }
    const own = forecastMode(passages, circumstances, { model, mode, unit })
    if (mode.direction === 'rearward') {
      for (const forward of model.modes.filter((m) => m.direction === 'forward' && m.heldBy === mode.heldBy)) {
        const { opensIn } = forecastMode(passages, circumstances, { model, mode: forward, unit })
        const late = c.practice.turningForward === 'as-late-as-allowed'
        add(`turn-${forward.id}`, 'may-turn', msg.mayTurnForward(forward.label), late ? msg.everyConditionIsMetThen : msg.everyConditionIsMetThen2, opensIn) // prettier-ignore
        if (mode.turns?.forwardGuard === true)
          add(`guard-${forward.id}`, 'guard-opens', msg.guardAgainstFacingForwardMay, late ? msg.notBeforeLeaveItSet : msg.notBefore, opensIn) // prettier-ignore
      }
    }
    const ending = own.endsBy.find((e) => e.quantity !== 'daysFromToday')
    add('mode-ends', 'mode-ends', msg.outgrown(mode.label), ending ? msg.firstByForMost(endingText(ending)) : msg.aLimitOfTheMode, own.left) // prettier-ignore
    add('duty-ends', 'duty-ends', msg.localRuleAsksForNo, msg.confirmWithYourAuthority(c.localRule.name), dutyEnds(c, passages)) // prettier-ignore
  }
  const life = lifeEnd({ unit, model })
  if (unit && life !== undefined && life > c.today)
    fixed('unit-ends', 'unit-ends', msg.unitLastDayOfIts(unit.serial), msg.statedByTheMaker, life)
  return items.toSorted((a, b) => a.likely.localeCompare(b.likely))
}
