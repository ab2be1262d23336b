import { z } from 'zod'
import { idSchema, modelIdSchema, unitIdSchema } from '../ground/index.ts'
import { WIDTH_POINTS } from '../restraint/index.ts'

/**
 * A ride: fittings of one car that travel at once. Each carries what it has to
 * know of the others, so that it can be judged, exported and read alone. It is
 * written by whoever keeps the ride, never by hand, but for `own`. Nobody is
 * named: a case that is exported or kept says nothing about another child but
 * what stands at which place.
 */

/** Parts of a place that serve one restraint. */
const TAKEN_PARTS = ['bars', 'tether', 'rails', 'belt'] as const

const mm = z.number().min(0).max(3000)
/** Both ends of a length; without `hi` nothing bounds it. */
const spanSchema = z.strictObject({ lo: mm, hi: mm.optional() })

/** What stands at one point of width; where it is not stated it may be nothing. */
const widthSchema = z.strictObject({ left: spanSchema, right: spanSchema, isStated: z.boolean() })

const otherSchema = z.strictObject({
  /** A fitting of the ride; of an adult, whatever the ride calls them. */
  id: idSchema,
  kind: z.enum(['child', 'adult']),
  /** One place, or two of one that lies across; none while nobody has chosen. */
  positionIds: z.array(idSchema).max(2),
  /** It lies across two places, of which one may not be known. */
  isAcross: z.boolean().optional(),
  /** By point of width, a point that is left out has nothing there; absent while it is not known what rides there. */
  widths: z.partialRecord(z.enum(WIDTH_POINTS), widthSchema).optional(),
  /** How far it may stand off the middle of its place. */
  playMm: z.number().min(0).max(200),
  /** A hand must reach the buckle beside it. */
  needsHand: z.boolean(),
  /** What it takes of its place that another may share; absent while it is not chosen what rides there. */
  takes: z.array(z.enum(TAKEN_PARTS)).max(TAKEN_PARTS.length).optional(),
  /** The units that it is, by their ids: one unit serves one child. */
  unitIds: z.array(unitIdSchema).max(2).optional(),
  /** Something stands on that place that must be fully back, or somebody rides there. */
  holdsSeatBack: z.boolean(),
  /** From its backrest to the seat before it, as that seat is set there. */
  frontSeatGapMm: z.number().min(0).max(2000).optional(),
})
export type OtherOfRide = z.infer<typeof otherSchema>

export const rideSchema = z.strictObject({
  id: idSchema,
  others: z.array(otherSchema).max(12),
  /** Those of the others whose restraint goes in before this one. */
  installedBefore: z.array(idSchema).max(12).optional(),
  /** What is on this restraint now that widens it, and where it lies. */
  own: z
    .strictObject({
      /** Cup holder or pod is off. */
      isExtraOff: z.boolean().optional(),
      /** The width setting that is set, by its outside width. */
      outsideMm: z.number().min(200).max(900).optional(),
      /** The second place of one that lies across. */
      secondPositionId: idSchema.optional(),
      /** Of what it was said: written with it, so that it says nothing of another mode or place. */
      of: z
        .strictObject({
          modelId: modelIdSchema.optional(),
          modeId: idSchema.optional(),
          positionId: idSchema.optional(),
        })
        .optional(),
    })
    .optional(),
})
export type Ride = z.infer<typeof rideSchema>
