import { z } from 'zod'
import { daySchema } from '../ground/index.ts'
import { interval, type Interval } from './interval.ts'

export const QUANTITY_SOURCES = ['measured', 'instrument', 'told', 'estimated'] as const
export type QuantitySource = (typeof QUANTITY_SOURCES)[number]

/**
 * One known number as it is written in a file: a value with its ±, or an
 * interval when only the ends are known. The field that holds it names the unit.
 */
export interface Quantity {
  readonly value?: number | undefined
  readonly plusMinus?: number | undefined
  readonly from?: number | undefined
  readonly to?: number | undefined
  readonly source: QuantitySource
  /** The day it was taken, when that matters (a child grows). */
  readonly on?: string | undefined
}

export interface QuantityLimits {
  readonly min: number
  readonly max: number
  readonly unit: string
}

/** Schema of a quantity whose every possible value must lie between `min` and `max`. */
export function quantitySchema({ min, max, unit }: QuantityLimits) {
  const bounded = () =>
    z
      .number({ error: `must be a number of ${unit} between ${min} and ${max}` })
      .min(min, `must be at least ${min} ${unit}`)
      .max(max, `must be at most ${max} ${unit}`)
  return z
    .strictObject({
      value: bounded().optional(),
      plusMinus: z
        .number()
        .min(0, `must be at least 0 ${unit}`)
        .max((max - min) / 2, `must be at most ${(max - min) / 2} ${unit}`)
        .optional(),
      from: bounded().optional(),
      to: bounded().optional(),
      source: z.enum(QUANTITY_SOURCES),
      on: daySchema.optional(),
    })
    .superRefine((q, ctx) => {
      const isPoint = q.value !== undefined
      const isRange = q.from !== undefined && q.to !== undefined
      if (isPoint === isRange || (isPoint && (q.from !== undefined || q.to !== undefined))) {
        ctx.addIssue({ code: 'custom', message: 'needs either "value" or both "from" and "to"' })
      }
      if (isRange && (q.from as number) > (q.to as number)) {
        ctx.addIssue({ code: 'custom', path: ['from'], message: 'must not be above "to"' })
      }
      if (q.plusMinus !== undefined && !isPoint) {
        ctx.addIssue({ code: 'custom', path: ['plusMinus'], message: 'goes with "value" only' })
      }
    })
    .meta({ description: `${unit}, from ${min} to ${max}` })
}

/** All values that the quantity allows, or `undefined` when there is none. */
export function toInterval(q: Quantity | undefined): Interval | undefined {
  if (q === undefined) return undefined
  if (q.value !== undefined) {
    const u = q.plusMinus ?? 0
    return interval(q.value - u, q.value + u)
  }
  if (q.from !== undefined && q.to !== undefined) return interval(q.from, q.to)
  return undefined
}

/** A measured value with its ±. */
export const measured = (value: number, plusMinus = 0): Quantity => ({
  value,
  plusMinus,
  source: 'measured',
})
