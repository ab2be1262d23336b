import { z } from 'zod'
import { idSchema, nameSchema } from '../ground/index.ts'
import * as msg from './messages.en.ts'

/** Small building blocks of a mode or a route; lengths in mm, angles in degrees. */

const text = z.string().trim().min(1).max(300)

/** One shoulder-strap arrangement; heights are above the surface the child sits on, without insert. */
export const strapAdjusterSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('slots'),
    heightsMm: z.array(z.number().min(50).max(800)).min(1).max(20),
  }),
  z.strictObject({
    kind: z.literal('stepless'),
    fromMm: z.number().min(50).max(800),
    toMm: z.number().min(50).max(800),
  }),
  /** The head support carries the straps: it stops at the shoulders and is let up one click. */
  z.strictObject({
    kind: z.literal('follows-head-support'),
    fromMm: z.number().min(50).max(800),
    toMm: z.number().min(50).max(800),
  }),
])

export const STRAP_RULES = ['at-or-just-below', 'at-or-just-above', 'level', 'level-or-just-under'] as const
export type StrapRule = (typeof STRAP_RULES)[number]

export const HEAD_RULES = [
  'crown-inside',
  'eyes-below-edge',
  'ears-below-edge',
  'ears-below-vehicle-head-restraint',
] as const
export type HeadRule = (typeof HEAD_RULES)[number]

/** Until when: whichever of the given limits is reached first. None given means no limit. */
const untilSchema = z.strictObject({
  massKg: z.number().min(0).max(40).optional(),
  statureCm: z.number().min(30).max(160).optional(),
  ageMonths: z.number().min(0).max(150).optional(),
})
export type Until = z.infer<typeof untilSchema>

export const reclinePositionSchema = z.strictObject({
  id: idSchema,
  label: nameSchema,
  /** Back surface from vertical on a level cushion (θ). */
  shellAngleDeg: z.number().min(0).max(90),
  /** The maker permits this position flatter than 45° in the car, to a child under these limits (none: any child). */
  flatterInCarUntil: untilSchema.optional(),
})

/** What a maker measures and a school of practice has a figure for too: the maker's stands. Lengths in mm. */
export const boundsMmSchema = (min: number, max: number) =>
  z
    .strictObject({ fromMm: z.number().min(min).max(max).optional(), toMm: z.number().min(min).max(max).optional() })
    .refine((r) => r.fromMm !== undefined || r.toMm !== undefined, { message: msg.needsFromMmOrToMm })
    .refine((r) => r.fromMm === undefined || r.toMm === undefined || r.fromMm <= r.toMm, {
      path: ['fromMm'],
      message: msg.mustNotBeAboveToMm,
    })

/** How the maker proves the angle without degrees: seen good it settles the matter. */
export const angleProofSchema = z.strictObject({ kind: z.enum(['level-line', 'indicator', 'fixed-base']), what: text })

/** Padding, piece by piece, in the order it comes out. */
export const insertSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  /** Raises the seated shoulder by this much; 0 for a head or side piece. */
  thicknessMm: z.number().min(0).max(80),
  requiredUntil: untilSchema.optional(),
  allowedUntil: untilSchema.optional(),
})
export type Insert = z.infer<typeof insertSchema>

/** How something shows that it holds; a coloured window is only one of many. */
export const proofSchema = z.strictObject({
  id: idSchema,
  what: text,
  kind: z.enum([
    'window', 'click', 'loud-last-click', 'clicks-cease', 'button-springs-back', 'line-in-sight', 'gate-shut', 'gauge',
  ]), // prettier-ignore
  side: z.enum(['left', 'right', 'centre']).optional(),
})

export const legSchema = z.strictObject({
  minLengthMm: z.number().min(50).max(1000),
  maxLengthMm: z.number().min(50).max(1000),
  notches: z.int().min(2).max(60),
  /** Hinge above (+) or below (−) the cushion's front edge. */
  hingeAboveCushionMm: z.number().min(-300).max(300),
  angleFromVerticalDeg: z.number().min(-30).max(30),
  /** How far a too-long notch may lift the base; absent where the maker is silent. */
  maxLiftMm: z.number().min(0).max(60).optional(),
  /** The maker lets the mat stay under the foot; where nothing is said it comes out. */
  matMayStay: z.boolean().optional(),
  proofs: z.array(proofSchema).max(4).optional(),
})
export type SupportLeg = z.infer<typeof legSchema>

export const topTetherSchema = z.strictObject({
  use: z.enum(['required', 'optional']),
  minLengthMm: z.number().min(0).max(3000).optional(),
  maxLengthMm: z.number().min(0).max(3000).optional(),
  /** Over, under or round the vehicle's head restraint, as the maker says. */
  headRestraintPath: z.enum(['over', 'under', 'round-both-sides', 'free']).optional(),
  /** How much good the indicator must show, where the maker gives a figure. */
  goodMm: boundsMmSchema(0, 200).optional(),
})

export const lowerTethersSchema = z.strictObject({
  use: z.enum(['required', 'optional']),
  lengthMm: z.number().min(100).max(2000).optional(),
  lead: z.enum(['crossed', 'straight', 'either']).optional(),
  points: z
    .array(z.enum(['fixed-runner', 'moving-frame', 'ring', 'seat-leg']))
    .min(1)
    .max(4),
  proofs: z.array(proofSchema).max(4).optional(),
})

/** One guide of the belt's path, in the order the belt meets it. */
const beltGuideSchema = z.strictObject({
  section: z.enum(['lap', 'diagonal', 'both']),
  mark: nameSchema,
  side: z.enum(['left', 'right', 'buckle-side', 'door-side', 'centre']),
  how: z.enum(['over', 'under', 'through']),
  /** Which of two places the belt belongs to, for a restraint that lies across both. */
  place: z.enum(['head-end', 'foot-end']).optional(),
})
export const RETRACTORS = ['emergency-locking', 'switchable', 'static'] as const

const beltLockSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('lock-off'),
    section: z.enum(['lap', 'diagonal']),
    side: z.enum(['buckle-side', 'door-side']),
  }),
  z.strictObject({
    kind: z.literal('locking-clip'),
    fromTongueMm: z.number().min(0).max(150),
    section: z.enum(['lap', 'diagonal', 'both']).optional(),
    /** With which retractors the clip is needed; where nothing is said, with every one. */
    neededWith: z.array(z.enum(RETRACTORS)).min(1).max(3).optional(),
  }),
  z.strictObject({ kind: z.literal('switchable-retractor') }),
  z.strictObject({ kind: z.literal('tension-only') }),
  /** A booster: the belt stays free to run and holds the child. */
  z.strictObject({ kind: z.literal('free') }),
])

export const beltUseSchema = z.strictObject({
  needs: z.enum(['three-point', 'three-point-or-lap', 'lap']),
  requiredLengthMm: z.number().min(300).max(4000).optional(),
  /** Edge of the belt path above the bight: the buckle's top must not stand above it. */
  pathEdgeAboveBightMm: z.number().min(0).max(500).optional(),
  path: z.array(beltGuideSchema).min(1).max(12),
  lock: beltLockSchema,
  /** How far to either side the belted restraint may stand off the middle of its place. */
  sidewaysPlayMm: z.number().min(0).max(100).optional(),
})

/**
 * The points at which the width of a restraint matters to its neighbours: three
 * heights, each at the backrest and at the front edge.
 */
export const WIDTH_POINTS = ['hipBack', 'hipFront', 'shoulderBack', 'shoulderFront', 'headBack', 'headFront'] as const
export type WidthPoint = (typeof WIDTH_POINTS)[number]

/**
 * Left and right are the car's, in the direction of travel; a point that is left
 * out is not known, and 0 to either side says that nothing stands there.
 */
const halfWidthSchema = z.strictObject({ leftMm: z.number().min(0).max(500), rightMm: z.number().min(0).max(500) })
export const halfWidthsSchema = z.strictObject({
  hipBack: halfWidthSchema.optional(),
  hipFront: halfWidthSchema.optional(),
  shoulderBack: halfWidthSchema.optional(),
  shoulderFront: halfWidthSchema.optional(),
  headBack: halfWidthSchema.optional(),
  headFront: halfWidthSchema.optional(),
})

export const isofixUseSchema = z.strictObject({
  connectors: z.enum(['rigid', 'strap']),
  /** `holds`: the anchorages carry the restraint; `steadies`: the belt does, the connectors only steady. */
  role: z.enum(['holds', 'steadies']),
  pushedHome: z.enum(['required', 'any-length']).optional(),
  /** Arms that may run back in: thumb each arm instead of pushing the shell. */
  armsMayRetract: z.boolean().optional(),
  /** Arms that creep in on the road: looked at again after a drive. */
  armsMayCreep: z.boolean().optional(),
  proofs: z.array(proofSchema).max(6).optional(),
})

/** The usual steps by id: what a maker's own step may replace or come after. */
export const USUAL_STEP_IDS = [
  'before', 'airbag', 'front-place', 'prepare', 'connect', 'push-home', 'base-gap', 'thread-belt', 'lock-belt', 'leg', 'tether',
  'lower-tethers', 'set-on-seat', 'shell', 'lie-across', 'front-seat', 'proof', 'sit', 'buckle', 'coat-test', 'head',
  'belt-child', 'knees', 'turn-and-lock',
] as const // prettier-ignore
export type UsualStepId = (typeof USUAL_STEP_IDS)[number]

/** A maker's own step; takes the place of, or comes beside, a generic one. */
export const makerStepSchema = z.strictObject({
  id: idSchema,
  text,
  replaces: idSchema.optional(),
  after: z.array(idSchema).max(8).optional(),
  /** The other half, which must not be forgotten ("insert out" … "insert back"). */
  pairWith: idSchema.optional(),
  onlyBefore: z.enum(['placing', 'attaching', 'child-in']).optional(),
  /** A piece of padding that the step is about: without that piece in the shell there is nothing to do. */
  whileInsert: idSchema.optional(),
  proof: proofSchema.optional(),
})

/** What changing one thing un-passes, where the maker says other than the usual. */
export const staleEdgeSchema = z.strictObject({
  change: idSchema,
  unpasses: z.array(idSchema).max(30),
})

export type Proof = z.infer<typeof proofSchema>
export type BeltUse = z.infer<typeof beltUseSchema>
export type MakerStep = z.infer<typeof makerStepSchema>
