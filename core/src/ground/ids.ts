import { z } from 'zod'
import { daySchema } from './days.ts'
import { idSchema } from './names.ts'
import * as msg from './messages.en.ts'

/*
 * What is stored as plain text or a plain number, and names one kind of thing each: where a unit is asked for, no model,
 * no place and no text that nobody looked at is taken. The mark is the compiler's alone and costs nothing at run time.
 * A document's are made by its schema; whoever has only text calls the constructor, which is called as its kind.
 */

function made<S extends z.ZodType>(schema: S, what: string, raw: unknown): z.output<S> {
  const read = schema.safeParse(raw)
  if (read.success) return read.data
  throw new RangeError(msg.isNo(what, String(raw), read.error.issues[0]?.message ?? ''))
}

/** A model of the catalogue. */
export const modelIdSchema = idSchema.brand<'ModelId'>()
export type ModelId = z.infer<typeof modelIdSchema>
/** @throws RangeError when it is not as an id is written */
export const ModelId = (text: string): ModelId => made(modelIdSchema, 'ModelId', text)

/** One restraint on the shelf, or a base that is a unit of its own. */
export const unitIdSchema = idSchema.brand<'UnitId'>()
export type UnitId = z.infer<typeof unitIdSchema>
/** @throws RangeError when it is not as an id is written */
export const UnitId = (text: string): UnitId => made(unitIdSchema, 'UnitId', text)

/** A vehicle, whole; its places have ids of their own. */
export const vehicleIdSchema = idSchema.brand<'VehicleId'>()
export type VehicleId = z.infer<typeof vehicleIdSchema>
/** @throws RangeError when it is not as an id is written */
export const VehicleId = (text: string): VehicleId => made(vehicleIdSchema, 'VehicleId', text)

/** A fitting: one child in one car. The server gives it, and a device that begins one without the server. */
export const fittingIdSchema = idSchema.brand<'FittingId'>()
export type FittingId = z.infer<typeof fittingIdSchema>
/** @throws RangeError when it is not as such an id is written */
export const FittingId = (text: string): FittingId => made(fittingIdSchema, 'FittingId', text)

/** A calendar day, `YYYY-MM-DD`. Core never reads the clock: today is handed in. */
export type IsoDate = z.infer<typeof daySchema>
/** @throws RangeError when it is no day of the calendar, or beyond those a document may name */
export const IsoDate = (text: string): IsoDate => made(daySchema, 'IsoDate', text)

/**
 * Order of entry within one fitting: 1 for the first entry, growing by one; 0 for what was there before.
 * Staleness compares these, never clock times. In a document it stands under `at`.
 */
export const sequenceSchema = z.int().min(0).max(1_000_000).brand<'Sequence'>()
export type Sequence = z.infer<typeof sequenceSchema>
/** @throws RangeError when it is no whole number from 0 to 1,000,000 */
export const Sequence = (count: number): Sequence => made(sequenceSchema, 'Sequence', count)
