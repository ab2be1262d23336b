import { bodyPartAt, type BodyPart } from '../child/index.ts'
import { childSide, modeSubject, routeSubject, rulesOf, type Circumstances } from '../match/index.ts'
import { DAYS_PER_MONTH } from '../quantities/index.ts'
import type { Mode, RestraintModel, RestraintUnit } from '../restraint/index.ts'
import {
  isLowerBound,
  type Bound,
  type GrowingQuantity,
  type Rule,
  type Scope,
  type ScopeSubject,
} from '../rules/index.ts'
import { quantile } from './bands.ts'
import type { Growth } from './trajectories.ts'

/** Months from today; `Infinity` is beyond what the tables and the horizon reach. */
export interface Quantiles {
  readonly p10: number
  readonly p50: number
  readonly p90: number
}

export interface Ending {
  readonly ruleId: string
  readonly quantity: GrowingQuantity
  readonly limit: number
  /** Share of the possible children for whom this limit is the first. */
  readonly share: number
}

export interface ModeForecast {
  /** Until the mode may first be used; zeros when it may be today. */
  readonly opensIn: Quantiles
  /** Until it may no longer be used. */
  readonly left: Quantiles
  /** What ends it, most often first; what lies beyond the horizon ends nothing. */
  readonly endsBy: readonly Ending[]
  /** Share of the possible children for whom the mode opens at all before it ends. */
  readonly shareEverOpen: number
}

interface Limit extends Bound {
  readonly ruleId: string
}

/**
 * When each possible child crosses a limit: months from today, 0 when it has
 * already, `Infinity` beyond the horizon. Worked out once per quantity and limit.
 */
export class Passages {
  readonly #known = new Map<string, Float32Array>()
  readonly #forecasts = new Map<string, ModeForecast>()
  readonly growth: Growth

  constructor(growth: Growth) {
    this.growth = growth
  }

  of({ quantity, limit, wording }: Bound): Float32Array {
    // Reaching a lower limit opens; passing an upper one ends: at the value itself an upper one still holds.
    const isReached = wording === 'at-least' || wording === 'less-than'
    const key = `${quantity}/${limit}/${isReached}`
    const known = this.#known.get(key)
    if (known) return known
    const passages = this.#find(quantity, limit, isReached)
    this.#known.set(key, passages)
    return passages
  }

  /** What these limits come to for the same children, worked out once. */
  forecast(key: string, make: () => ModeForecast): ModeForecast {
    const known = this.#forecasts.get(key)
    if (known) return known
    const forecast = make()
    this.#forecasts.set(key, forecast)
    return forecast
  }

  #find(quantity: GrowingQuantity, limit: number, isReached: boolean): Float32Array {
    const { count, steps, ageMonths } = this.growth
    const out = new Float32Array(count)
    for (let i = 0; i < count; i += 1) {
      switch (quantity) {
        case 'ageMonths':
          out[i] = Math.max(0, limit - (ageMonths[i] as number))
          break
        case 'daysFromToday':
          out[i] = limit < 0 ? 0 : (limit + 1) / DAYS_PER_MONTH
          break
        case 'massKg':
        case 'statureCm':
        case 'shoulderMm':
        case 'sittingMm':
          out[i] = this.#crossing(quantity, i, limit, isReached)
          break
      }
      if ((out[i] as number) > steps) out[i] = quantity === 'daysFromToday' ? (out[i] as number) : Infinity
    }
    return out
  }

  /**
   * First month, with its part, at which a value comes to (or over) a limit.
   * All of them only grow, so halving finds it.
   */
  #crossing(quantity: 'massKg' | 'statureCm' | BodyPart, i: number, limit: number, isReached: boolean): number {
    const { steps, shoulderShare, sittingShare } = this.growth
    const values = this.growth[quantity === 'massKg' ? 'massKg' : 'statureCm']
    const base = i * (steps + 1)
    const part = quantity === 'shoulderMm' || quantity === 'sittingMm' ? quantity : undefined
    const share = (part === 'shoulderMm' ? shoulderShare : sittingShare)[i] as number
    const at = (t: number): number => {
      const value = values[base + t] as number
      return part === undefined ? value : bodyPartAt(value, part, share)
    }
    // Stored in 32 bits: a limit met exactly must still count as met.
    const target = Math.fround(limit)
    const isPast = (x: number): boolean => (isReached ? x >= target : x > target)
    if (isPast(at(0))) return 0
    if (!isPast(at(steps))) return Infinity
    let before = 0
    let after = steps
    while (after - before > 1) {
      const middle = (before + after) >> 1
      if (isPast(at(middle))) after = middle
      else before = middle
    }
    const [from, to] = [at(before), at(after)]
    return before + (to === from ? 1 : (target - from) / (to - from))
  }
}

/** Limits of the mode itself, and of each of its routes; one route is enough. */
function limitsOf(circumstances: Circumstances, model: RestraintModel, mode: Mode, unit: RestraintUnit | undefined) {
  const subject = modeSubject(childSide(circumstances), model, mode, unit)
  const ask = <S extends Scope>(scope: S, at: ScopeSubject[S]): readonly Limit[] => {
    const rules: readonly Rule<S>[] = rulesOf(scope)
    return rules
      .filter((r) => r.severity !== 'advise' && r.applies(at))
      .flatMap((r) => (r.bounds?.(at) ?? []).map((b) => ({ ...b, ruleId: r.id })))
  }
  return {
    own: ask('mode', subject),
    routes: mode.routes.map((route) => ask('route', routeSubject(subject, route))),
  }
}

function quantilesOf(values: Float32Array): Quantiles {
  const sorted = values.toSorted()
  return { p10: quantile(sorted, 0.1), p50: quantile(sorted, 0.5), p90: quantile(sorted, 0.9) }
}

/**
 * How long a mode serves the child: when it opens, when it ends and what ends
 * it. Only what growth and time decide; a recall or a series is not its business.
 */
export function forecastMode(
  passages: Passages,
  circumstances: Circumstances,
  item: { readonly model: RestraintModel; readonly mode: Mode; readonly unit?: RestraintUnit | undefined },
): ModeForecast {
  const limits = limitsOf(circumstances, item.model, item.mode, item.unit)
  // Units of one model, and models of one kind, have the same limits.
  return passages.forecast(JSON.stringify(limits), () => forecastOf(passages, limits))
}

function forecastOf(passages: Passages, { own, routes }: ReturnType<typeof limitsOf>): ModeForecast {
  const { count } = passages.growth
  const opens = new Float32Array(count)
  const ends = new Float32Array(count).fill(Infinity)
  const endedBy = new Int32Array(count).fill(-1)
  const limits: Limit[] = []

  const uppers = own.filter((b) => !isLowerBound(b))
  for (const bound of own.filter(isLowerBound)) {
    const at = passages.of(bound)
    for (let i = 0; i < count; i += 1) opens[i] = Math.max(opens[i] as number, at[i] as number)
  }
  for (const bound of uppers) {
    limits.push(bound)
    const at = passages.of(bound)
    for (let i = 0; i < count; i += 1) {
      if ((at[i] as number) < (ends[i] as number)) {
        ends[i] = at[i] as number
        endedBy[i] = limits.length - 1
      }
    }
  }
  const routeUppers = routes.map((r) => r.filter((b) => !isLowerBound(b)))
  if (routeUppers.length > 0 && routeUppers.every((r) => r.length > 0)) {
    const first = limits.length
    limits.push(...routeUppers.flat())
    const at = routeUppers.map((r) => r.map((b) => passages.of(b)))
    for (let i = 0; i < count; i += 1) {
      // The last route to end ends the mode.
      let last = -1
      let by = -1
      let index = first
      for (const bounds of at) {
        let soonest = Infinity
        let soonestBy = index
        for (const passage of bounds) {
          if ((passage[i] as number) < soonest) {
            soonest = passage[i] as number
            soonestBy = index
          }
          index += 1
        }
        if (soonest > last) {
          last = soonest
          by = soonestBy
        }
      }
      if (last < (ends[i] as number)) {
        ends[i] = last
        endedBy[i] = by
      }
    }
  }

  const counts = new Array<number>(limits.length).fill(0)
  let everOpen = 0
  for (let i = 0; i < count; i += 1) {
    if ((opens[i] as number) < (ends[i] as number)) everOpen += 1
    const by = endedBy[i] as number
    if (by >= 0 && Number.isFinite(ends[i])) counts[by] = (counts[by] as number) + 1
  }
  const endsBy = limits
    .map(({ ruleId, quantity, limit }, i) => ({ ruleId, quantity, limit, share: (counts[i] as number) / count }))
    .filter((e) => e.share > 0)
    .toSorted((a, b) => b.share - a.share)
  return { opensIn: quantilesOf(opens), left: quantilesOf(ends), endsBy, shareEverOpen: everOpen / count }
}
