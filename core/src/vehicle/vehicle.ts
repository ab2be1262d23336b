import { z } from 'zod'
import { idSchema, modelIdSchema, nameSchema, noteSchema, vehicleIdSchema } from '../ground/index.ts'
import { quantitySchema } from '../quantities/index.ts'
import * as msg from './messages.en.ts'

/**
 * The vehicle side of a fitting. Every optional field is a fact that may be
 * unknown: absent means "nobody has looked yet", never "no".
 */

export const FIXTURES = [
  'F3', 'F2', 'F2X', 'R3', 'R2', 'R2X', 'R1', 'L1', 'L2', 'B2', 'B3',
] as const // prettier-ignore
export type Fixture = (typeof FIXTURES)[number]
export const FIXTURES_OF = {
  rearward: ['R3', 'R2', 'R2X', 'R1'],
  forward: ['F3', 'F2', 'F2X'],
  lateral: ['L1', 'L2'],
  booster: ['B3', 'B2'],
} as const satisfies Record<string, readonly Fixture[]>
export type FixtureKind = keyof typeof FIXTURES_OF
/** Optional parts that a place is said to be without; not said is not known. */
const PLACE_PARTS = ['slidingTrack'] as const

export const SHARED_PARTS = ['bars', 'tether', 'buckle', 'buckle-covered', 'rails'] as const

const VEHICLE_LIMITS = {
  slopeDeg: { min: -15, max: 40, unit: 'degrees' },
  cushionDepthMm: { min: 200, max: 800, unit: 'mm' },
  cushionHeightMm: { min: 50, max: 900, unit: 'mm' },
  beltLengthMm: { min: 500, max: 4000, unit: 'mm' },
  stalkMm: { min: -100, max: 400, unit: 'mm' },
  clearanceMm: { min: 0, max: 2000, unit: 'mm' },
  tetherPathMm: { min: 100, max: 2500, unit: 'mm' },
  headRestraintMm: { min: 300, max: 1100, unit: 'mm' },
} as const

const beltSchema = z.strictObject({
  kind: z.enum(['three-point', 'lap', 'none']),
  retractor: z.enum(['emergency-locking', 'switchable', 'static']).optional(),
  usableLengthMm: quantitySchema(VEHICLE_LIMITS.beltLengthMm).optional(),
  /** Top of the buckle above the bight. */
  buckleTopMm: quantitySchema(VEHICLE_LIMITS.stalkMm).optional(),
  buckleStalk: z.enum(['stiff', 'flexible']).optional(),
  /** On which side of a middle place its buckle stands; at the outer ones it is inboard. */
  buckleSide: z.enum(['left', 'right']).optional(),
})

const isofixSchema = z.strictObject({
  bars: z.enum(['visible', 'recessed', 'none']),
  /** Which bar the fitter reaches better; latched first. */
  easierSide: z.enum(['left', 'right']).optional(),
  /** The handbook's own limit for child and restraint together, where it states one. */
  maxTotalMassKg: z.number().min(10).max(60).optional(),
})

const tetherAnchorageSchema = z.strictObject({
  where: z.enum(['none', 'seat-back', 'shelf', 'load-floor', 'roof', 'under-seat']),
  /** From the restraint's tether exit over or round the head restraint to the anchorage. */
  pathLengthMm: quantitySchema(VEHICLE_LIMITS.tetherPathMm).optional(),
  note: noteSchema.optional(),
})

const floorSchema = z.strictObject({
  kind: z.enum(['solid', 'box-not-allowed', 'box-allowed-when-propped', 'none']),
  matRemovable: z.boolean().optional(),
  /** The handbook lets a leg stand on the mat. */
  matMayStay: z.boolean().optional(),
})

const lowerTetherPointSchema = z.strictObject({
  kind: z.enum(['fixed-runner', 'moving-frame', 'ring', 'seat-leg', 'boxed-in']),
  side: z.enum(['left', 'right']),
})

/** Handbook letters of UN R16 for one place; each absent letter is unknown. */
const handbookSchema = z.strictObject({
  beltGroups: z
    .strictObject({
      '0': z.enum(['U', 'UF', 'L', 'B', 'X']).optional(),
      '0+': z.enum(['U', 'UF', 'L', 'B', 'X']).optional(),
      I: z.enum(['U', 'UF', 'L', 'B', 'X']).optional(),
      II: z.enum(['U', 'UF', 'L', 'B', 'X']).optional(),
      III: z.enum(['U', 'UF', 'L', 'B', 'X']).optional(),
    })
    .optional(),
  isofix: z.enum(['IUF', 'IL', 'X']).optional(),
  iSize: z.enum(['i-U', 'i-UF', 'X']).optional(),
  /** A list speaks only for the kinds that it names; an empty one says that none is taken. */
  fixtures: z.array(z.enum(FIXTURES)).max(11).optional(),
  /** The newer form of the table: what it says stands beside the letters. */
  table: z
    .strictObject({
      placeNumber: z.int().min(1).max(20).optional(),
      universalBelted: z.boolean().optional(),
      legPermitted: z.boolean().optional(),
      rearward: z.enum([...FIXTURES_OF.rearward, 'none']).optional(),
      forward: z.enum([...FIXTURES_OF.forward, 'none']).optional(),
      lateral: z.enum([...FIXTURES_OF.lateral, 'none']).optional(),
      booster: z.enum([...FIXTURES_OF.booster, 'none']).optional(),
    })
    .optional(),
  /** The vehicle maker's own list behind L and IL, by model; `[]` lists none, absent has not been read. */
  listedModelIds: z.array(modelIdSchema).max(500).optional(),
  /** What the handbook asks of the airbag before a child who faces forward in the front row. */
  forwardAirbag: z.enum(['on', 'off', 'either']).optional(),
  /** Whether the handbook lets an automatic cut-off count as off. */
  automaticCutOffCounts: z.boolean().optional(),
})

export const positionSchema = z
  .strictObject({
    id: idSchema,
    label: nameSchema,
    /** 1 is the front row. */
    row: z.int().min(1).max(4),
    /** Left and right as seen sitting in the car and looking forward. */
    side: z.enum(['left', 'centre', 'right']),
    /** Middle of the place, right of the car's middle positive; absent while nobody has measured it. */
    lateralCentreMm: z.number().min(-1000).max(1000).optional(),
    widthMm: z.number().min(250).max(700).optional(),
    isDriverSeat: z.boolean().optional(),
    doorSide: z.enum(['left', 'right', 'both', 'none']).optional(),
    facing: z.enum(['forward', 'rearward', 'sideways']).optional(),
    belt: beltSchema.optional(),
    isofix: isofixSchema.optional(),
    tether: tetherAnchorageSchema.optional(),
    /** `automatic`: switched by a sensor of the weight on the seat. */
    frontAirbag: z.enum(['none', 'can-be-switched-off', 'cannot-be-switched-off', 'automatic']).optional(),
    /** The place whose airbag covers this one too: it is on or off for both. */
    airbagOf: idSchema.optional(),
    /** Places past which this one is reached, any of them; `[]` has a door of its own. */
    reachedPast: z.array(idSchema).max(4).optional(),
    /**
     * What serves this place or another, and not both at once: bars, an anchorage, rails. `buckle`: two
     * buckles in each other’s way; `buckle-covered`: a restraint on the other place covers this one’s.
     */
    sharedWith: z
      .array(z.strictObject({ part: z.enum(SHARED_PARTS), positionId: idSchema }))
      .max(12)
      .optional(),
    floor: floorSchema.optional(),
    cushion: z
      .strictObject({
        slopeDeg: quantitySchema(VEHICLE_LIMITS.slopeDeg).optional(),
        depthMm: quantitySchema(VEHICLE_LIMITS.cushionDepthMm).optional(),
        /** Front edge above the bare floor where a leg's foot lands. */
        frontEdgeAboveFloorMm: quantitySchema(VEHICLE_LIMITS.cushionHeightMm).optional(),
      })
      .optional(),
    headRestraint: z.enum(['none', 'removable', 'adjustable', 'fixed']).optional(),
    /** Top of the vehicle's head restraint above the cushion, at its highest. */
    headRestraintTopMm: quantitySchema(VEHICLE_LIMITS.headRestraintMm).optional(),
    /** Backrest from vertical; for the drawing only. */
    backrestDeg: z.number().min(0).max(45).optional(),
    slidingTrack: z
      // An empty setting: the handbook asks for none.
      .strictObject({ travelMm: z.number().min(0).max(500).optional(), handbookSetting: noteSchema.optional() })
      .optional(),
    /** Backrest to the seat in front at the tallest driver's setting. */
    frontClearanceMm: quantitySchema(VEHICLE_LIMITS.clearanceMm).optional(),
    /** The same distance with the seat in front fully back and fully forward. */
    frontSeatRangeMm: z
      .strictObject({ fullyBackMm: z.number().min(0).max(2000), fullyForwardMm: z.number().min(0).max(2000) })
      .refine((r) => r.fullyBackMm <= r.fullyForwardMm, {
        path: ['fullyBackMm'],
        message: msg.mustNotBeMoreThan,
      })
      .optional(),
    obstacles: z
      .array(z.enum(['centre-console', 'removable-console', 'tunnel', 'raised-floor']))
      .max(4)
      .optional(),
    lowerTetherPoints: z.array(lowerTetherPointSchema).max(4).optional(),
    handbook: handbookSchema.optional(),
    without: z.array(z.enum(PLACE_PARTS)).max(PLACE_PARTS.length).optional(),
    note: noteSchema.optional(),
  })
  .refine((p) => p.slidingTrack === undefined || !p.without?.includes('slidingTrack'), {
    path: ['without'],
    message: msg.slidingTrackIsStatedToo,
  })
  .meta({ id: 'SeatingPosition' })

export type SeatingPosition = z.infer<typeof positionSchema>

export const vehicleSchema = z
  .strictObject({
    id: vehicleIdSchema,
    maker: nameSchema,
    model: nameSchema,
    plate: z.string().max(20).optional(),
    builtFrom: z.int().min(1950).max(2100).optional(),
    builtTo: z.int().min(1950).max(2100).optional(),
    driverSide: z.enum(['left', 'right']),
    positions: z.array(positionSchema).min(1).max(12),
    /** Door trim of a row: how far it stands from the car’s middle, at the height of the shoulders. */
    rows: z
      .array(
        z.strictObject({
          row: z.int().min(1).max(4),
          trimLeftMm: z.number().min(300).max(1200).optional(),
          trimRightMm: z.number().min(300).max(1200).optional(),
        }),
      )
      .max(4)
      .optional(),
    note: noteSchema.optional(),
  })
  .superRefine((vehicle, ctx) => {
    const ids = new Set<string>()
    vehicle.positions.forEach((p, i) => {
      if (ids.has(p.id)) ctx.addIssue({ code: 'custom', path: ['positions', i, 'id'], message: msg.isUsedTwice(p.id) })
      ids.add(p.id)
    })
    vehicle.positions.forEach((p, i) => {
      const named = [
        ...(p.airbagOf === undefined ? [] : [{ id: p.airbagOf, path: ['airbagOf'] }]),
        ...(p.reachedPast ?? []).map((id, j) => ({ id, path: ['reachedPast', j] })),
        ...(p.sharedWith ?? []).map((s, j) => ({ id: s.positionId, path: ['sharedWith', j, 'positionId'] })),
      ]
      for (const { id, path } of named) {
        if (id === p.id)
          ctx.addIssue({ code: 'custom', path: ['positions', i, ...path], message: msg.namesThePlaceItself })
        else if (!ids.has(id))
          ctx.addIssue({ code: 'custom', path: ['positions', i, ...path], message: msg.noPlaceInThisCar(id) })
      }
    })
  })
  .meta({ id: 'Vehicle' })

export type Vehicle = z.infer<typeof vehicleSchema>

/** The driver's seat: said to be, or the front place on the driver's side, whatever is said of it. */
export const isDriversPlace = (vehicle: Pick<Vehicle, 'driverSide'>, position: SeatingPosition): boolean =>
  position.isDriverSeat === true || (position.row === 1 && position.side === vehicle.driverSide)

/** Places whose middle is no further off than this stand next to one another, mm. */
const ADJACENT_MM = 520

/** The places of the same row next to one, the nearest first. */
export const neighboursOf = (
  vehicle: Pick<Vehicle, 'positions'>,
  position: SeatingPosition,
): readonly SeatingPosition[] => {
  const row = vehicle.positions.filter((p) => p.row === position.row)
  const hasMiddle = row.some((p) => p.side === 'centre')
  // Not measured: the middle place stands next to both others, and they to one another where there is none.
  const besideMm = (p: SeatingPosition): number =>
    p.side === position.side || (hasMiddle && p.side !== 'centre' && position.side !== 'centre')
      ? Infinity
      : ADJACENT_MM
  const off = (p: SeatingPosition): number =>
    p.lateralCentreMm === undefined || position.lateralCentreMm === undefined
      ? besideMm(p)
      : Math.abs(p.lateralCentreMm - position.lateralCentreMm)
  return row.filter((p) => p.id !== position.id && off(p) <= ADJACENT_MM).toSorted((a, b) => off(a) - off(b))
}
