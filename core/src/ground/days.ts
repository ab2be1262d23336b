import { z } from 'zod'
import { outsideDays } from './days.en.ts'

/** The days that a document may name: beyond them no calendar of a family's car or child reaches, and sums of days go wrong. */
const DAYS = { from: '1900-01-01', to: '2100-12-31' } as const
/** What is no day at all was said to be none already. */
const isWithinDays = (day: string): boolean =>
  !/^\d{4}-\d{2}-\d{2}/.test(day) || (day.slice(0, 10) >= DAYS.from && day.slice(0, 10) <= DAYS.to)
const OUTSIDE = { message: outsideDays(DAYS) }

/** A day in a document. */
export const daySchema = z.iso.date().refine(isWithinDays, OUTSIDE).brand<'IsoDate'>()
/** A day and time in a document, UTC. */
export const momentSchema = z.iso.datetime().refine(isWithinDays, OUTSIDE)
