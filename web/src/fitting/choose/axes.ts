import type { ModeForecast } from '@nimble-anchor/core/forecast'
import { formatNumber, type Interval } from '@nimble-anchor/core/quantities'
import { massRangeOf, type Mode } from '@nimble-anchor/core/restraint'
import * as msg from './messages.en.ts'

/** The three axes that all rows of the chart share. */
export const AXIS_IDS = ['mass', 'stature', 'months'] as const
export type AxisId = (typeof AXIS_IDS)[number]

export interface Axis {
  readonly id: AxisId
  readonly label: string
  readonly from: number
  readonly to: number
  readonly ticks: readonly { readonly at: number; readonly text: string }[]
}

const plain = (list: readonly number[]) => list.map((at) => ({ at, text: formatNumber(at) }))
const MASS: Axis = { id: 'mass', label: msg.massKg, from: 0, to: 40, ticks: plain([10, 20, 30]) }
const STATURE: Axis = { id: 'stature', label: msg.statureCm, from: 40, to: 155, ticks: plain([60, 80, 100, 125, 150]) }
/** As far as the chart looks ahead, in months: what lasts longer goes off its edge. */
const SHORTEST = 24
const LONGEST = 144

/** The axis of months reaches as far as the modes do, and is told in years beyond two. */
export function axesFor(forecasts: readonly (ModeForecast | undefined)[]): Readonly<Record<AxisId, Axis>> {
  const ends = forecasts.flatMap((f) => (f ? [f.left.p50] : [])).filter((x) => Number.isFinite(x))
  const to = Math.min(LONGEST, Math.max(SHORTEST, Math.ceil((Math.max(0, ...ends) * 1.1) / 12) * 12))
  const step = to <= 24 ? 6 : to <= 60 ? 12 : 24
  const count = Math.floor((to - 1) / step)
  const ticks = Array.from({ length: count }, (_, i) => (i + 1) * step).map((at) => ({
    at,
    text: step < 12 ? `${at} m` : `${at / 12} y`,
  }))
  return { mass: MASS, stature: STATURE, months: { id: 'months', label: msg.fromNow, from: 0, to, ticks } }
}

/** Where a value stands on an axis, in per cent of its length; beyond its ends it stays at the end. */
export const shareOf = ({ from, to }: Axis, value: number): number =>
  ((Math.min(Math.max(value, from), to) - from) / (to - from)) * 100

/** What one mode shows on one axis: a bar from here to there, fading as far as it may reach. */
export interface Bar {
  readonly from: number
  readonly to: number
  readonly fadesFrom?: number
  readonly fadesTo?: number
}

/** A mode's own range on the axis, or when it serves by the forecast; `undefined` where it states none. */
export function barOf(axis: Axis, mode: Mode, forecast: ModeForecast | undefined): Bar | undefined {
  switch (axis.id) {
    case 'mass': {
      const { from, to } = massRangeOf(mode)
      return from === undefined && to === undefined ? undefined : { from: from ?? axis.from, to: to ?? axis.to }
    }
    case 'stature':
      return mode.statureCm && { from: mode.statureCm.from ?? axis.from, to: mode.statureCm.to ?? axis.to }
    case 'months': {
      if (!forecast || forecast.shareEverOpen < 0.5 || forecast.left.p50 <= 0) return undefined
      const { opensIn, left } = forecast
      return { from: opensIn.p50, to: left.p50, fadesFrom: Math.max(opensIn.p50, left.p10), fadesTo: left.p90 }
    }
  }
}

/** The child on an axis: its reading and how far that is known. */
export const childOn = (axis: Axis, mass: Interval | undefined, stature: Interval | undefined): Interval | undefined =>
  axis.id === 'mass' ? mass : axis.id === 'stature' ? stature : undefined
