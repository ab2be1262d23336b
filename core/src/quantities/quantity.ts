import { z } from 'zod'
import { daySchema, type IsoDate } from '../ground/index.ts'
import { interval, type Interval } from './interval.ts'
import * as msg from './messages.en.ts'

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
  readonly on?: IsoDate | undefined
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
      .number({ error: msg.mustBeANumberOf(unit, min, max) })
      .min(min, msg.mustBeAtLeast(min, unit))
      .max(max, msg.mustBeAtMost(max, unit))
  return z
    .strictObject({
      value: bounded().optional(),
      plusMinus: z
        .number()
        .min(0, msg.mustBeAtLeast0(unit))
        .max((max - min) / 2, msg.mustBeAtMost((max - min) / 2, unit))
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
        ctx.addIssue({ code: 'custom', message: msg.needsEitherValueOrBoth })
      }
      if (isRange && (q.from as number) > (q.to as number)) {
        ctx.addIssue({ code: 'custom', path: ['from'], message: msg.mustNotBeAboveTo })
      }
      if (q.plusMinus !== undefined && !isPoint) {
        ctx.addIssue({ code: 'custom', path: ['plusMinus'], message: msg.goesWithValueOnly })
      }
    })
    .meta({ description: msg.fromTo(unit, min, max) })
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
