import { z } from 'zod'
import {
  daySchema,
  idSchema,
  modelIdSchema,
  nameSchema,
  noteSchema,
  unitIdSchema,
  vehicleIdSchema,
} from '../ground/index.ts'
import { FIXTURES } from '../vehicle/index.ts'
import {
  HEAD_RULES,
  STRAP_RULES,
  USUAL_STEP_IDS,
  WIDTH_POINTS,
  angleProofSchema,
  beltUseSchema,
  boundsMmSchema,
  halfWidthsSchema,
  insertSchema,
  isofixUseSchema,
  legSchema,
  lowerTethersSchema,
  makerStepSchema,
  proofSchema,
  reclinePositionSchema,
  staleEdgeSchema,
  strapAdjusterSchema,
  topTetherSchema,
} from './parts.ts'
import * as msg from './messages.en.ts'

/**
 * unit → model → modes → routes. A mode is one approved way to use a
 * restraint; a route is one permitted way to attach that mode to a car.
 */

export const R44_GROUPS = ['0', '0+', 'I', 'II', 'III'] as const
export type R44Group = (typeof R44_GROUPS)[number]

const approvalSchema = z.discriminatedUnion('regulation', [
  z.strictObject({
    regulation: z.literal('R44'),
    series: z.enum(['01', '02', '03', '04']),
    groups: z.array(z.enum(R44_GROUPS)).min(1).max(5),
    approvedYear: z.int().min(1980).max(2030).optional(),
  }),
  z.strictObject({
    regulation: z.literal('R129'),
    series: z.enum(['00', '01', '02', '03', '04']),
  }),
])

/** A closed range as the maker states it; an end left out is not stated. */
const rangeSchema = (min: number, max: number) =>
  z
    .strictObject({ from: z.number().min(min).max(max).optional(), to: z.number().min(min).max(max).optional() })
    .refine((r) => r.from === undefined || r.to === undefined || r.from <= r.to, {
      path: ['from'],
      message: msg.mustNotBeAboveTo,
    })

/**
 * Optional parts that a manual says a route or a mode is *without*. A part is
 * a value, named here, or neither: then nobody has read it, and it is asked.
 * Lists say the same by being empty, yes-or-no fields by `false`.
 */
export const ROUTE_PARTS = ['isofix', 'belt', 'leg', 'topTether', 'lowerTethers', 'reboundBar', 'limits'] as const
export type RoutePart = (typeof ROUTE_PARTS)[number]
export const MODE_PARTS = ['angleProof', 'wedge', 'carryHandle', 'turns'] as const
export type ModePart = (typeof MODE_PARTS)[number]

const directionSchema = z.enum(['rearward', 'forward', 'lateral'])
export type Direction = z.infer<typeof directionSchema>

/** A part cannot be there and not there. */
const noContradiction =
  (parts: readonly string[]) =>
  (record: Readonly<Record<string, unknown>>, ctx: z.RefinementCtx): void => {
    const without = (record.without ?? []) as readonly string[]
    without.forEach((part, i) => {
      if (parts.includes(part) && record[part] !== undefined)
        ctx.addIssue({ code: 'custom', path: ['without', i], message: msg.isStatedToo(part) })
    })
  }

export const routeSchema = z
  .strictObject({
    id: idSchema,
    label: nameSchema,
    scope: z.enum(['universal', 'i-size', 'semi-universal', 'vehicle-specific']),
    isofix: isofixUseSchema.optional(),
    belt: beltUseSchema.optional(),
    leg: legSchema.optional(),
    topTether: topTetherSchema.optional(),
    lowerTethers: lowerTethersSchema.optional(),
    /** What holds against rotation, where it is neither leg nor tether, in the maker's words. */
    rotationHeldBy: nameSchema.optional(),
    reboundBar: z.strictObject({ hasRatchet: z.boolean() }).optional(),
    /** Envelope the restraint needs at the place. */
    fixture: z.enum(FIXTURES).optional(),
    /**
     * The maker's list of cars. A car that it names: these places are listed,
     * its others are not. A car that it does not name has not been read.
     */
    approvedPlaces: z
      .array(z.strictObject({ vehicleId: vehicleIdSchema, positionIds: z.array(idSchema).max(12) }))
      .max(500)
      .optional(),
    /** The maker's own limits for this route, beside the mode's. */
    limits: z
      .strictObject({ massKg: rangeSchema(0, 60).optional(), statureCm: rangeSchema(30, 170).optional() })
      .refine((l) => [l.massKg, l.statureCm].some((r) => r?.from !== undefined || r?.to !== undefined), {
        message: msg.needsAMassOrA,
      })
      .optional(),
    /** What the manual asks of the airbag before a child who faces forward in the front row. */
    frontAirbag: z.enum(['on', 'off', 'either']).optional(),
    /** What the manual asks of the vehicle's head restraint. */
    vehicleHeadRestraint: z.enum(['on', 'off', 'either']).optional(),
    seatsTaken: z.union([z.literal(1), z.literal(2)]).optional(),
    /** A base that stays in the car and a shell that is latched on it each day. */
    usesBase: z.boolean().optional(),
    /** The child may already sit in it while it is attached. */
    childFirst: z.boolean().optional(),
    permittedReclines: z.array(idSchema).max(20).optional(),
    frontSeat: z.enum(['must-touch', 'must-not-touch', 'either']).optional(),
    /** Gaps that the maker accepts; where nothing is said, none. */
    gapAccepted: z.strictObject({ behindBase: z.boolean().optional(), underBase: z.boolean().optional() }).optional(),
    settingsBeforePlacing: z.array(nameSchema).max(10).optional(),
    steps: z.array(makerStepSchema).max(40).optional(),
    /** Usual steps in the order that the maker asks for, where it is not the usual one. */
    stepOrder: z.array(z.enum(USUAL_STEP_IDS)).min(2).max(USUAL_STEP_IDS.length).optional(),
    staleEdges: z.array(staleEdgeSchema).max(20).optional(),
    without: z.array(z.enum(ROUTE_PARTS)).max(ROUTE_PARTS.length).optional(),
    note: noteSchema.optional(),
  })
  .superRefine(noContradiction(ROUTE_PARTS))
  .meta({ id: 'Route' })
export type Route = z.infer<typeof routeSchema>

export const modeSchema = z
  .strictObject({
    id: idSchema,
    label: nameSchema,
    approval: approvalSchema,
    shape: z.enum(['infant-shell', 'lie-flat', 'seat', 'booster-seat', 'booster-cushion']),
    direction: directionSchema,
    /** Integral when the restraint's own harness or shield holds the child. */
    heldBy: z.enum(['harness', 'shield', 'vehicle-belt']),
    /** The mode's own ranges; they win over the group. */
    massKg: rangeSchema(0, 60).optional(),
    statureCm: rangeSchema(30, 170).optional(),
    ageMonths: rangeSchema(0, 180).optional(),
    /** Ages printed beside a range as a help ("about"): shown, and never judged by. */
    aboutAgeMonths: rangeSchema(0, 180).optional(),
    strap: z
      .strictObject({
        adjuster: strapAdjusterSchema,
        rule: z.enum(STRAP_RULES).optional(),
        /** What the heights are read at; the lower edge stands this far above the strap exit. */
        gauge: z.enum(['strap-exit', 'head-support-lower-edge']).optional(),
        gaugeAboveExitMm: z.number().min(-100).max(150).optional(),
        /** How far off the shoulder the maker lets the exit stand: beyond it fails. */
        justMm: z.number().min(0).max(100).optional(),
      })
      .optional(),
    /** Harness slack, both bounds, where the maker gives figures. */
    slackMm: boundsMmSchema(0, 60).optional(),
    /** Movement at the belt path or base, where the maker gives a figure. */
    steadinessMm: z.number().min(0).max(60).optional(),
    headRule: z.enum(HEAD_RULES).optional(),
    /** How far below the edge the line of the head rule must stand, where the maker gives a figure. */
    headBelowEdgeMm: z.number().min(0).max(100).optional(),
    /** Shell edge above the surface the child sits on. */
    shellEdgeMm: z.number().min(200).max(1000).optional(),
    reclines: z.array(reclinePositionSchema).max(20).optional(),
    /** Surface the child sits on above the vehicle's cushion. */
    sitAboveCushionMm: z.number().min(20).max(400).optional(),
    shellLengthMm: z.number().min(200).max(1200).optional(),
    footFromBackrestMm: z.number().min(-200).max(600).optional(),
    targetAngleDeg: rangeSchema(0, 90).optional(),
    angleProof: angleProofSchema.optional(),
    widthMm: z.number().min(250).max(900).optional(),
    extraWidthMm: z
      .strictObject({ side: z.enum(['left', 'right', 'both']), mm: z.number().min(0).max(200) })
      .optional(),
    /** Settings that widen the restraint for the child, and with it the outside. */
    widthSettings: z
      .array(
        z.strictObject({
          id: idSchema,
          label: nameSchema,
          outsideMm: z.number().min(250).max(900),
          /** Room inside, at the child’s shoulders. */
          insideMm: z.number().min(150).max(700).optional(),
        }),
      )
      .max(10)
      .optional(),
    /** What stands to either side of its middle, point by point; see `fit/side-by-side.ts`. */
    halfWidths: halfWidthsSchema.optional(),
    /** The point at which it is as wide as `widthMm` says. */
    widestAt: z.enum(WIDTH_POINTS).optional(),
    /** Whether a child can be lifted past it while nobody sits in it. */
    passable: z.boolean().optional(),
    inserts: z.array(insertSchema).max(8).optional(),
    wedge: z
      .strictObject({
        allowed: z.boolean(),
        heightMm: z.number().min(0).max(120),
        baseLengthMm: z.number().min(100).max(900),
      })
      .optional(),
    carryHandle: z.strictObject({ travelPosition: nameSchema }).optional(),
    turns: z
      .strictObject({
        locks: z.array(proofSchema).min(1).max(4),
        forwardGuard: z.boolean().optional(),
        /** The child is put in with the shell turned to the door: it then sweeps past what stands beside it. */
        toDoor: z.boolean().optional(),
        /** How far its furthest corner stands from what it turns about. */
        sweepMm: z.number().min(150).max(700).optional(),
      })
      .optional(),
    sidePod: z.boolean().optional(),
    /** How far the shell can be slid on its base, away from the vehicle's backrest. */
    slidesOnBaseMm: z.number().min(0).max(300).optional(),
    crotchBeltGuide: z.boolean().optional(),
    beltGuideMm: z
      .strictObject({ fromMm: z.number().min(100).max(900), toMm: z.number().min(100).max(900) })
      .optional(),
    /** Belt guide above the shoulder, where the maker gives figures. */
    guideAboveShoulderMm: boundsMmSchema(-50, 100).optional(),
    routes: z.array(routeSchema).min(1).max(12),
    staleEdges: z.array(staleEdgeSchema).max(20).optional(),
    without: z.array(z.enum(MODE_PARTS)).max(MODE_PARTS.length).optional(),
    note: noteSchema.optional(),
  })
  .superRefine(noContradiction(MODE_PARTS))
  .meta({ id: 'Mode' })
export type Mode = z.infer<typeof modeSchema>

/** Parts are weighed to a tenth of a kilogram; their sum may be off by half of that. */
export const PARTS_TOLERANCE_KG = 0.05

/**
 * Ways to change the direction: turned on its base (what attaches it stays),
 * lifted off and set round on the same base, or taken out and installed anew.
 */
export const DIRECTION_CHANGES = ['turns-on-base', 'lifts-off', 're-installed'] as const
export type DirectionChange = (typeof DIRECTION_CHANGES)[number]

export const modelSchema = z
  .strictObject({
    id: modelIdSchema,
    maker: nameSchema,
    name: nameSchema,
    variant: z
      .strictObject({ label: nameSchema, madeFrom: daySchema.optional(), madeUntil: daySchema.optional() })
      .optional(),
    /** The whole restraint as it stands in the car. */
    massKg: z.number().min(0.2).max(30),
    /** Shell and base where they are separate units. */
    parts: z
      .array(
        z.strictObject({
          id: idSchema,
          name: nameSchema,
          massKg: z.number().min(0).max(30),
          /** A base carries a shell; alone it is nothing. A part called "base" is one. */
          isBase: z.boolean().optional(),
        }),
      )
      .max(6)
      .optional(),
    lifeYears: z.number().min(1).max(25).optional(),
    /** Badges and standards beyond the approval, as words to filter by; they decide nothing. */
    tags: z.array(idSchema).max(12).optional(),
    /** How its direction is changed, where it has more than one. */
    directionChange: z.enum(DIRECTION_CHANGES).optional(),
    modes: z.array(modeSchema).min(1).max(12),
    conversions: z
      .array(z.strictObject({ from: idSchema, to: idSchema, steps: z.array(makerStepSchema).min(1).max(30) }))
      .max(20)
      .optional(),
    note: noteSchema.optional(),
  })
  .superRefine((model, ctx) => {
    const seen = new Set<string>()
    const parts = model.parts ?? []
    const sumKg = parts.reduce((sum, p) => sum + p.massKg, 0)
    if (parts.length > 0 && Math.abs(sumKg - model.massKg) > PARTS_TOLERANCE_KG + 1e-9) {
      const shown = Math.round(sumKg * 1000) / 1000
      ctx.addIssue({ code: 'custom', path: ['parts'], message: msg.addUpToKgNot(shown, model.massKg) })
    }
    model.modes.forEach((mode, i) => {
      const at = (...path: (string | number)[]) => ['modes', i, ...path]
      if (seen.has(mode.id)) ctx.addIssue({ code: 'custom', path: at('id'), message: msg.isUsedTwice(mode.id) })
      seen.add(mode.id)
      const isR129 = mode.approval.regulation === 'R129'
      if (isR129 && (mode.statureCm?.from === undefined || mode.statureCm.to === undefined)) {
        ctx.addIssue({
          code: 'custom',
          path: at('statureCm'),
          message: msg.unR129GoesByStature,
        })
      }
      const routes = new Set<string>()
      mode.routes.forEach((route, j) => {
        if (routes.has(route.id)) {
          ctx.addIssue({ code: 'custom', path: at('routes', j, 'id'), message: msg.isUsedTwice(route.id) })
        }
        routes.add(route.id)
        if (route.isofix === undefined && route.belt === undefined) {
          ctx.addIssue({ code: 'custom', path: at('routes', j), message: msg.needsIsofixOrBelt })
        }
        if (mode.heldBy === 'vehicle-belt' && route.belt === undefined) {
          ctx.addIssue({
            code: 'custom',
            path: at('routes', j, 'belt'),
            message: msg.aModeHeldByThe,
          })
        }
      })
    })
  })
  .meta({ id: 'RestraintModel' })
export type RestraintModel = z.infer<typeof modelSchema>

/** One restraint on the shelf. A field left out is not known, and unknown is not good. */
export const unitSchema = z
  .strictObject({
    id: unitIdSchema,
    modelId: modelIdSchema,
    partId: idSchema.optional(),
    serial: z.string().trim().min(1).max(60),
    madeOn: daySchema.optional(),
    lifeEndsOn: daySchema.optional(),
    isHistoryKnown: z.boolean().optional(),
    wasInCrash: z.boolean().optional(),
    isRecalled: z.boolean().optional(),
    isComplete: z.boolean().optional(),
    /** How it stands: its harness in place, or stowed for use with the vehicle's belt. Jobs keep it. */
    harness: z.enum(['in', 'stowed']).optional(),
    /** Which way it stands, where turning it round means lifting it off or fitting it anew. Jobs keep it. */
    direction: directionSchema.optional(),
    /** Taken apart or converted, and not looked at since: not for use until the job's checks have passed. */
    awaitsCheck: z.strictObject({ job: idSchema, since: daySchema }).optional(),
    shelf: z.string().max(60).optional(),
    note: noteSchema.optional(),
  })
  .meta({ id: 'RestraintUnit' })
export type RestraintUnit = z.infer<typeof unitSchema>
