import { z } from 'zod'
import { idSchema, nameSchema, noteSchema } from '../child/index.ts'
import { addMonths } from '../quantities/index.ts'
import { FIXTURES } from '../vehicle/index.ts'
import {
  beltUseSchema,
  HEAD_RULES,
  insertSchema,
  isofixUseSchema,
  legSchema,
  lowerTethersSchema,
  makerStepSchema,
  proofSchema,
  reclinePositionSchema,
  staleEdgeSchema,
  STRAP_RULES,
  strapAdjusterSchema,
  topTetherSchema,
} from './parts.ts'

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
export type Approval = z.infer<typeof approvalSchema>

/** A closed range as the maker states it; an end left out is not stated. */
const rangeSchema = (min: number, max: number) =>
  z
    .strictObject({ from: z.number().min(min).max(max).optional(), to: z.number().min(min).max(max).optional() })
    .refine((r) => r.from === undefined || r.to === undefined || r.from <= r.to, {
      path: ['from'],
      message: 'must not be above "to"',
    })

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
    reboundBar: z.strictObject({ hasRatchet: z.boolean() }).optional(),
    /** Envelope the restraint needs at the place. */
    fixture: z.enum(FIXTURES).optional(),
    /** Places on the maker's list, for scopes that need one. */
    approvedPlaces: z
      .array(z.strictObject({ vehicleId: idSchema, positionIds: z.array(idSchema).min(1).max(12) }))
      .max(500)
      .optional(),
    seatsTaken: z.union([z.literal(1), z.literal(2)]).optional(),
    /** A base that stays in the car and a shell that is latched on it each day. */
    usesBase: z.boolean().optional(),
    /** The child may already sit in it while it is attached. */
    childFirst: z.boolean().optional(),
    permittedReclines: z.array(idSchema).max(20).optional(),
    frontSeat: z.enum(['must-touch', 'must-not-touch', 'either']).optional(),
    /** A gap between base and backrest or cushion that the maker accepts. */
    gapAccepted: z.boolean().optional(),
    settingsBeforePlacing: z.array(nameSchema).max(10).optional(),
    steps: z.array(makerStepSchema).max(40).optional(),
    staleEdges: z.array(staleEdgeSchema).max(20).optional(),
    note: noteSchema.optional(),
  })
  .meta({ id: 'Route' })
export type Route = z.infer<typeof routeSchema>

export const modeSchema = z
  .strictObject({
    id: idSchema,
    label: nameSchema,
    approval: approvalSchema,
    shape: z.enum(['infant-shell', 'lie-flat', 'seat', 'booster-seat', 'booster-cushion']),
    direction: z.enum(['rearward', 'forward', 'lateral']),
    /** Integral when the restraint's own harness or shield holds the child. */
    heldBy: z.enum(['harness', 'shield', 'vehicle-belt']),
    /** The mode's own ranges; they win over the group. */
    massKg: rangeSchema(0, 60).optional(),
    statureCm: rangeSchema(30, 170).optional(),
    ageMonths: rangeSchema(0, 180).optional(),
    strap: z
      .strictObject({
        adjuster: strapAdjusterSchema,
        rule: z.enum(STRAP_RULES).optional(),
        gauge: z.enum(['strap-exit', 'head-support-lower-edge']).optional(),
      })
      .optional(),
    headRule: z.enum(HEAD_RULES).optional(),
    /** Shell edge above the surface the child sits on. */
    shellEdgeMm: z.number().min(200).max(1000).optional(),
    reclines: z.array(reclinePositionSchema).max(20).optional(),
    /** Surface the child sits on above the vehicle's cushion. */
    sitAboveCushionMm: z.number().min(20).max(400).optional(),
    shellLengthMm: z.number().min(200).max(1200).optional(),
    footFromBackrestMm: z.number().min(-200).max(600).optional(),
    targetAngleDeg: rangeSchema(0, 90).optional(),
    widthMm: z.number().min(250).max(900).optional(),
    extraWidthMm: z
      .strictObject({ side: z.enum(['left', 'right', 'both']), mm: z.number().min(0).max(200) })
      .optional(),
    /** Settings that widen the restraint for the child, and with it the outside. */
    widthSettings: z
      .array(z.strictObject({ id: idSchema, label: nameSchema, outsideMm: z.number().min(250).max(900) }))
      .max(10)
      .optional(),
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
      .strictObject({ locks: z.array(proofSchema).min(1).max(4), forwardGuard: z.boolean().optional() })
      .optional(),
    sidePod: z.boolean().optional(),
    /** How far the shell can be slid on its base, away from the vehicle's backrest. */
    slidesOnBaseMm: z.number().min(0).max(300).optional(),
    crotchBeltGuide: z.boolean().optional(),
    beltGuideMm: z
      .strictObject({ fromMm: z.number().min(100).max(900), toMm: z.number().min(100).max(900) })
      .optional(),
    routes: z.array(routeSchema).min(1).max(12),
    staleEdges: z.array(staleEdgeSchema).max(20).optional(),
    note: noteSchema.optional(),
  })
  .meta({ id: 'Mode' })
export type Mode = z.infer<typeof modeSchema>

export const modelSchema = z
  .strictObject({
    id: idSchema,
    maker: nameSchema,
    name: nameSchema,
    variant: z
      .strictObject({ label: nameSchema, madeFrom: z.iso.date().optional(), madeUntil: z.iso.date().optional() })
      .optional(),
    /** The whole restraint as it stands in the car. */
    massKg: z.number().min(0.2).max(30),
    /** Shell and base where they are separate units. */
    parts: z
      .array(z.strictObject({ id: idSchema, name: nameSchema, massKg: z.number().min(0).max(30) }))
      .max(6)
      .optional(),
    lifeYears: z.number().min(1).max(25).optional(),
    modes: z.array(modeSchema).min(1).max(12),
    conversions: z
      .array(z.strictObject({ from: idSchema, to: idSchema, steps: z.array(makerStepSchema).min(1).max(30) }))
      .max(20)
      .optional(),
    note: noteSchema.optional(),
  })
  .superRefine((model, ctx) => {
    const seen = new Set<string>()
    model.modes.forEach((mode, i) => {
      const at = (...path: (string | number)[]) => ['modes', i, ...path]
      if (seen.has(mode.id)) ctx.addIssue({ code: 'custom', path: at('id'), message: `"${mode.id}" is used twice` })
      seen.add(mode.id)
      const isR129 = mode.approval.regulation === 'R129'
      if (isR129 && (mode.statureCm?.from === undefined || mode.statureCm.to === undefined)) {
        ctx.addIssue({
          code: 'custom',
          path: at('statureCm'),
          message: 'UN R129 goes by stature: needs "from" and "to" in cm',
        })
      }
      const routes = new Set<string>()
      mode.routes.forEach((route, j) => {
        if (routes.has(route.id)) {
          ctx.addIssue({ code: 'custom', path: at('routes', j, 'id'), message: `"${route.id}" is used twice` })
        }
        routes.add(route.id)
        if (route.isofix === undefined && route.belt === undefined) {
          ctx.addIssue({ code: 'custom', path: at('routes', j), message: 'needs "isofix" or "belt"' })
        }
        if (mode.heldBy === 'vehicle-belt' && route.belt === undefined) {
          ctx.addIssue({
            code: 'custom',
            path: at('routes', j, 'belt'),
            message: 'a mode held by the vehicle belt needs it',
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
    id: idSchema,
    modelId: idSchema,
    partId: idSchema.optional(),
    serial: z.string().trim().min(1).max(60),
    madeOn: z.iso.date().optional(),
    lifeEndsOn: z.iso.date().optional(),
    isHistoryKnown: z.boolean().optional(),
    wasInCrash: z.boolean().optional(),
    isRecalled: z.boolean().optional(),
    isComplete: z.boolean().optional(),
    /** Taken apart or converted, and not looked at since: not for use until the job's checks have passed. */
    awaitsCheck: z.strictObject({ job: idSchema, since: z.iso.date() }).optional(),
    shelf: z.string().max(60).optional(),
    note: noteSchema.optional(),
  })
  .meta({ id: 'RestraintUnit' })
export type RestraintUnit = z.infer<typeof unitSchema>

/** The day the maker's stated life ends: written on the unit, or made + life. */
export function lifeEnd({
  unit,
  model,
}: {
  readonly unit?: RestraintUnit | undefined
  readonly model: RestraintModel
}): string | undefined {
  if (unit?.lifeEndsOn !== undefined) return unit.lifeEndsOn
  if (unit?.madeOn === undefined || model.lifeYears === undefined) return undefined
  return addMonths(unit.madeOn, Math.round(model.lifeYears * 12))
}

export const modelName = (m: RestraintModel): string => `${m.maker} ${m.name}`
export const isIntegral = (mode: Mode): boolean => mode.heldBy !== 'vehicle-belt'
export const isIsofixHeld = (route: Route): boolean => route.isofix?.role === 'holds'
