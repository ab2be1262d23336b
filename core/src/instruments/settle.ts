import type { InstrumentSpec, Sample } from './instrument.ts'
import * as msg from './messages.en.ts'

/**
 * Decides when a streaming reading has come to rest, and how well it is known.
 *
 * The last `windowMs` of samples are looked at each time one arrives:
 *
 * - centre: the median; samples further from it than 3 robust standard
 *   deviations (1.4826 × the median deviation) are left out of the mean;
 * - spread: that robust standard deviation, at most `spreadMax`;
 * - drift: the median of the slopes between all pairs (Theil, Sen) times the
 *   window, at most `driftMax`;
 * - wander: the window is cut into five; the standard deviation of the five
 *   means must be at most half of `spreadMax`. A child that rocks slowly has a
 *   small spread and no drift, and is caught here.
 *
 * All of it must hold for `HOLD_MS` on end. The ± at 95 % is the root of the
 * squares of: 2.776 × the standard error of the five means (Student's t, four
 * degrees of freedom), half of the drift, the stated accuracy, and the
 * resolution (as a uniform error, × 2 / √12), rounded up to the resolution.
 */
export type SettleState =
  | { readonly kind: 'waiting' }
  | { readonly kind: 'empty' }
  | { readonly kind: 'drifting'; readonly perS: number }
  | { readonly kind: 'restless'; readonly spread: number }
  | { readonly kind: 'coming-to-rest' }
  | { readonly kind: 'settled'; readonly value: number; readonly plusMinus: number }

/** How long a reading must stay at rest. */
const HOLD_MS = 800
const BATCHES = 5
const STUDENT_T = 2.776
/** Share of the expected samples that must have come: a stream with holes is no reading. */
const FULLNESS = 0.7

const median = (sorted: readonly number[]): number => {
  const half = Math.floor(sorted.length / 2)
  return sorted.length % 2 === 1 ? (sorted[half] ?? 0) : ((sorted[half - 1] ?? 0) + (sorted[half] ?? 0)) / 2
}
const ascending = (a: number, b: number): number => a - b
const mean = (xs: readonly number[]): number => xs.reduce((sum, x) => sum + x, 0) / xs.length
const deviation = (xs: readonly number[]): number => {
  const m = mean(xs)
  return Math.sqrt(xs.reduce((sum, x) => sum + (x - m) ** 2, 0) / (xs.length - 1))
}

/** Change per millisecond: the median over all pairs, which a third of outliers cannot move. */
function slopePerMs(samples: readonly Sample[]): number {
  const slopes: number[] = []
  samples.forEach((a, i) => {
    for (const b of samples.slice(i + 1)) if (b.tMs > a.tMs) slopes.push((b.value - a.value) / (b.tMs - a.tMs))
  })
  return slopes.length === 0 ? 0 : median(slopes.toSorted(ascending))
}

export class Settler {
  readonly #spec: InstrumentSpec
  #window: Sample[] = []
  #restSinceMs: number | undefined
  #state: SettleState = { kind: 'waiting' }

  constructor(spec: InstrumentSpec) {
    this.#spec = spec
  }

  get state(): SettleState {
    return this.#state
  }

  /** Takes one sample. One that is no number, or not later than the last, is left out. */
  push(sample: Sample): SettleState {
    const { windowMs, sampleMs, emptyBelow } = this.#spec
    const last = this.#window.at(-1)
    if (!Number.isFinite(sample.value) || (last !== undefined && sample.tMs <= last.tMs)) return this.#state
    this.#window = [...this.#window, sample].filter((s) => s.tMs > sample.tMs - windowMs)
    if (emptyBelow !== undefined && sample.value < emptyBelow) return this.#now({ kind: 'empty' }, sample.tMs)
    const first = this.#window[0] ?? sample
    const isFull =
      sample.tMs - first.tMs >= windowMs - 2 * sampleMs && this.#window.length >= (FULLNESS * windowMs) / sampleMs
    if (!isFull) return this.#now({ kind: 'waiting' }, sample.tMs)
    return this.#now(this.#judge(), sample.tMs)
  }

  #now(state: SettleState, tMs: number): SettleState {
    if (state.kind !== 'settled') {
      this.#restSinceMs = undefined
      return (this.#state = state)
    }
    this.#restSinceMs ??= tMs
    return (this.#state = tMs - this.#restSinceMs >= HOLD_MS ? state : { kind: 'coming-to-rest' })
  }

  #judge(): SettleState {
    const { windowMs, spreadMax, driftMax, resolution, accuracy } = this.#spec
    const values = this.#window.map((s) => s.value)
    const centre = median(values.toSorted(ascending))
    // Readings that stand on one step have no deviation; the step itself is the least there can be.
    const spread = Math.max(
      1.4826 * median(values.map((x) => Math.abs(x - centre)).toSorted(ascending)),
      resolution / Math.sqrt(12),
    )
    if (spread > spreadMax) return { kind: 'restless', spread }
    const perMs = slopePerMs(this.#window)
    const drift = perMs * windowMs
    if (Math.abs(drift) > driftMax) return { kind: 'drifting', perS: perMs * 1000 }
    const kept = this.#window.filter((s) => Math.abs(s.value - centre) <= 3 * spread + resolution)
    const size = kept.length / BATCHES
    const means = Array.from({ length: BATCHES }, (_, i) =>
      mean(kept.slice(Math.floor(i * size), Math.floor((i + 1) * size)).map((s) => s.value)),
    )
    const wander = deviation(means)
    const isThrownAbout = kept.length < FULLNESS * this.#window.length
    if (isThrownAbout || wander > spreadMax / 2) return { kind: 'restless', spread: Math.max(spread, wander) }
    const error = Math.hypot(
      (STUDENT_T * wander) / Math.sqrt(BATCHES),
      drift / 2,
      accuracy,
      (2 * resolution) / Math.sqrt(12),
    )
    const round = (x: number): number => Math.round(x * 1e6) / 1e6
    return {
      kind: 'settled',
      value: round(Math.round(mean(kept.map((s) => s.value)) / resolution) * resolution),
      plusMinus: round(Math.ceil(error / resolution - 1e-9) * resolution),
    }
  }
}

/** What to tell the fitter while a reading has not come to rest. */
export function settleText(state: SettleState, spec: InstrumentSpec): string {
  switch (state.kind) {
    case 'waiting':
      return msg.reading
    case 'empty':
      return msg.nothingOnItYet(spec.how)
    case 'drifting':
      return msg.stillNobodyLeansOnIt(state.perS > 0 ? msg.rising : msg.falling)
    case 'restless':
      return msg.movingKeepStillItTakes
    case 'coming-to-rest':
      return msg.comingToRest
    case 'settled':
      return msg.atRest
  }
}
