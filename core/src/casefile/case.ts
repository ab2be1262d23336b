import { z } from 'zod'
import {
  daySchema,
  err,
  type Fault,
  idSchema,
  jsonPath,
  modelIdSchema,
  momentSchema,
  nameSchema,
  ok,
  parseWritten,
  type Result,
  sequenceSchema,
  unitIdSchema,
} from '../ground/index.ts'
import { childSchema } from '../child/index.ts'
import { practiceSchema } from '../practice/index.ts'
import { localRuleSchema } from '../law/index.ts'
import { rideSchema } from './ride.ts'
import {
  childChangedSchema,
  disturbancesSchema,
  readingsSchema,
  redoneSchema,
  settingsSchema,
  stepsDoneSchema,
  takenAwaySchema,
} from '../readings/index.ts'
import {
  modelSchema,
  unitSchema,
  type Mode,
  type RestraintModel,
  type RestraintUnit,
  type Route,
} from '../restraint/index.ts'
import { vehicleSchema, type SeatingPosition } from '../vehicle/index.ts'
import * as msg from './messages.en.ts'

export const CASE_FORMAT = 'nimble-anchor/case'

/** The version written today. Older ones still open: see `upgrade.ts`. */
export const CASE_VERSION = 3

const choiceSchema = z.strictObject({
  modelId: modelIdSchema.optional(),
  unitId: unitIdSchema.optional(),
  /** The base under a carrier, where the two are units of their own. */
  baseUnitId: unitIdSchema.optional(),
  modeId: idSchema.optional(),
  positionId: idSchema.optional(),
  routeId: idSchema.optional(),
  at: sequenceSchema,
})

/**
 * A changed day of birth, age or sex: the same child put right, or another one?
 * `was` is what stood before, in words; without an answer nothing seen on the child counts.
 */
const identitySchema = z.strictObject({
  field: z.enum(['dateOfBirth', 'ageMonths', 'sex']),
  was: z.string().max(60),
  answer: z.enum(['corrected', 'another']).optional(),
  at: sequenceSchema,
})
export type Identity = z.infer<typeof identitySchema>

/** A signature drawn by hand: strokes as SVG path data on a field of 300 × 100. */
export const strokesSchema = z
  .string()
  .max(12_000)
  .regex(/^(M\d{1,3} \d{1,3}(L\d{1,3} \d{1,3})*)+$/, msg.mustBeStrokesAsM10)
export const SIGNATURE_FIELD = { width: 300, height: 100 } as const

/** What somebody said at the hand-over, in their words. */
export const saidSchema = z.string().trim().min(1).max(500)

/** Whether whoever will do it tomorrow did it once while the fitter watched, getting the child out too. */
export const CARER_TRIED = ['well', 'needs-practice', 'not-done'] as const
export type CarerTried = (typeof CARER_TRIED)[number]

const handoverSchema = z.strictObject({
  fitterName: nameSchema,
  carerName: nameSchema,
  /** Who signed with a trainee. */
  secondName: nameSchema.optional(),
  fitterStrokes: strokesSchema.optional(),
  carerStrokes: strokesSchema.optional(),
  carerTried: z.enum(CARER_TRIED).optional(),
  /** The family left although it was not ready: their reason, and what the fitter said. */
  againstAdvice: z.strictObject({ reason: saidSchema, said: saidSchema }).optional(),
  signedAt: momentSchema,
})

/** Measures that carry the day they were taken. */
export const DATED_MEASURES = [
  'massKg', 'statureCm', 'seatedShoulderHeightMm', 'sittingHeightMm', 'shoulderBreadthMm', 'ageMonths', 'birthMassKg',
] as const // prettier-ignore

const caseFields = z.strictObject({
  format: z.literal(CASE_FORMAT),
  version: z.literal(CASE_VERSION),
  /** The day the judgement is for. */
  today: daySchema,
  child: childSchema,
  vehicle: vehicleSchema.optional(),
  restraints: z.array(modelSchema).max(50),
  units: z.array(unitSchema).max(50).optional(),
  choice: choiceSchema,
  settings: settingsSchema,
  disturbances: disturbancesSchema,
  readings: readingsSchema,
  stepsDone: stepsDoneSchema.optional(),
  childChanged: childChangedSchema.optional(),
  redone: redoneSchema.optional(),
  takenAway: takenAwaySchema.optional(),
  identity: identitySchema.optional(),
  /** The others of one car who travel with it. */
  ride: rideSchema.optional(),
  /** How long the journey ahead is; asked for the very young. */
  journeyMinutes: z.int().min(1).max(2880).optional(),
  practice: practiceSchema,
  localRule: localRuleSchema,
  handover: handoverSchema.optional(),
})

/** What must hold between the fields of a case, each of them being what it should. */
function crossCheck(c: z.infer<typeof caseFields>, issue: (path: (string | number)[], message: string) => void): void {
  if (c.child.dateOfBirth !== undefined && c.child.dateOfBirth > c.today) {
    issue(['child', 'dateOfBirth'], msg.mustNotBeAfter(c.today))
  }
  for (const field of DATED_MEASURES) {
    const on = c.child[field]?.on
    if (on !== undefined && on > c.today) issue(['child', field, 'on'], msg.mustNotBeAfter(c.today))
  }
  if (c.child.advice !== undefined && c.child.advice.on > c.today) {
    issue(['child', 'advice', 'on'], msg.mustNotBeAfter(c.today))
  }
  c.units?.forEach((u, i) => {
    if (u.madeOn !== undefined && u.madeOn > c.today) issue(['units', i, 'madeOn'], msg.mustNotBeAfter(c.today))
  })
  const base = c.units?.find((u) => u.id === c.choice.baseUnitId)
  if (c.choice.baseUnitId !== undefined && !base) {
    issue(['choice', 'baseUnitId'], msg.noUnitInThisCase(c.choice.baseUnitId))
  }
  if (base && c.choice.modelId !== undefined && base.modelId !== c.choice.modelId) {
    issue(['choice', 'baseUnitId'], msg.unitIsANotA(base.id, base.modelId, c.choice.modelId))
  }
  if (base && base.id === c.choice.unitId) issue(['choice', 'baseUnitId'], msg.mustBeAnotherUnitThan)
  const { modelId, unitId, modeId, routeId, positionId } = c.choice
  const model = c.restraints.find((m) => m.id === modelId)
  if (modelId !== undefined && !model) issue(['choice', 'modelId'], msg.noRestraintInThisCase(modelId))
  const unit = c.units?.find((u) => u.id === unitId)
  if (unitId !== undefined && !unit) issue(['choice', 'unitId'], msg.noUnitInThisCase(unitId))
  if (unit && modelId !== undefined && unit.modelId !== modelId) {
    issue(['choice', 'unitId'], msg.unitIsANotA(unit.id, unit.modelId, modelId))
  }
  const mode = model?.modes.find((m) => m.id === modeId)
  if (modeId !== undefined && !mode) issue(['choice', 'modeId'], msg.noModeInTheChosen(modeId))
  if (routeId !== undefined && !mode?.routes.some((r) => r.id === routeId)) {
    issue(['choice', 'routeId'], msg.noRouteInTheChosen(routeId))
  }
  if (positionId !== undefined && !c.vehicle?.positions.some((p) => p.id === positionId)) {
    issue(['choice', 'positionId'], msg.noPlaceInTheVehicle(positionId))
  }
  if (mode) {
    const recline = c.settings.recline?.value
    if (recline !== undefined && !mode.reclines?.some((r) => r.id === recline)) {
      issue(['settings', 'recline', 'value'], msg.theModeHasNoRecline(recline))
    }
    c.settings.insertsIn?.value.forEach((id, i) => {
      if (!mode.inserts?.some((x) => x.id === id)) {
        issue(['settings', 'insertsIn', 'value', i], msg.theModeHasNoInsert(id))
      }
    })
    const notches = mode.routes.find((r) => r.id === routeId)?.leg?.notches
    const notch = c.settings.legNotch?.value
    if (notch !== undefined && notches !== undefined && notch > notches) {
      issue(['settings', 'legNotch', 'value'], msg.mustBeAtMostThe(notches))
    }
  }
}

/** One fitting, whole: everything that the judgement rests on, and nothing else. */
export const caseSchema = caseFields
  .superRefine((c, ctx) => crossCheck(c, (path, message) => ctx.addIssue({ code: 'custom', path, message })))
  .meta({ id: 'Case', title: msg.nimbleAnchorCaseFile })

export type Case = z.infer<typeof caseSchema>

/**
 * A document that was a valid case before some of its fields were written: those
 * are judged, and whether all still agree. Fields that were not touched stay the
 * very objects they were, so that what was worked out about them holds too.
 */
export function parseChanged(
  before: Case,
  document: Readonly<Record<string, unknown>>,
): Result<Case, readonly Fault[]> {
  const faults: Fault[] = []
  const next: Record<string, unknown> = {}
  for (const [key, schema] of Object.entries(caseFields.shape)) {
    const value = document[key]
    if (value !== undefined && value === before[key as keyof Case]) {
      next[key] = value
      continue
    }
    const parsed = parseWritten<unknown>(schema, before[key as keyof Case], value)
    if (!parsed.ok) faults.push(...parsed.error.map((f) => ({ ...f, path: `$.${key}${f.path.slice(1)}` })))
    else if (parsed.value !== undefined) next[key] = parsed.value
  }
  if (faults.length > 0) return err(faults)
  const c = next as Case
  crossCheck(c, (path, message) => faults.push({ path: jsonPath(path), message }))
  return faults.length > 0 ? err(faults) : ok(c)
}

/** The things the choice points at, found in the case; each may still be open. */
export interface Chosen {
  readonly model?: RestraintModel | undefined
  readonly unit?: RestraintUnit | undefined
  readonly baseUnit?: RestraintUnit | undefined
  readonly mode?: Mode | undefined
  readonly route?: Route | undefined
  readonly position?: SeatingPosition | undefined
}

export function chosenIn(c: Case): Chosen {
  const model = c.restraints.find((m) => m.id === c.choice.modelId)
  const mode = model?.modes.find((m) => m.id === c.choice.modeId)
  return {
    model,
    unit: c.units?.find((u) => u.id === c.choice.unitId),
    baseUnit: c.units?.find((u) => u.id === c.choice.baseUnitId),
    mode,
    route: mode?.routes.find((r) => r.id === c.choice.routeId),
    position: c.vehicle?.positions.find((p) => p.id === c.choice.positionId),
  }
}
