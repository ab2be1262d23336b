import { z } from 'zod'
import { childSchema } from '../child/index.ts'
import { daySchema, idSchema, modelIdSchema, nameSchema, unitIdSchema, vehicleIdSchema } from '../ground/index.ts'
import { localRuleSchema } from '../law/index.ts'
import { practiceSchema } from '../practice/index.ts'
import { modelSchema, unitSchema } from '../restraint/index.ts'
import { vehicleSchema } from '../vehicle/index.ts'
import { REQUEST_EN } from './request.en.ts'

export const ARRANGE_FORMAT = 'nimble-anchor/arrange'
export const ARRANGE_VERSION = 1

/** Children that one question may hold; more than any row of cars takes. */
const MOST_CHILDREN = 6

/** How the driver is called among those who ride. */
export const DRIVER_ID = 'driver'

/** Across both shoulders of somebody who rides on the seat itself, mm. */
export const adultBreadthSchema = z.number().min(300).max(700)

/** Somebody who rides on the seat itself; without a place, wherever one is left. */
const adultSchema = z.strictObject({
  id: idSchema,
  name: nameSchema.optional(),
  positionId: idSchema.optional(),
  /** Across both shoulders; left out, a usual one is taken and said to be so. */
  shoulderBreadthMm: adultBreadthSchema.optional(),
  /** How far forward of fully back a front seat may stand with this adult on it. */
  seatForwardMm: z.number().min(0).max(500).optional(),
})

const childAtSchema = z.strictObject({
  kind: z.literal('child-at'),
  childId: idSchema,
  positionId: idSchema,
  vehicleId: vehicleIdSchema.optional(),
})
const restraintForSchema = z
  .strictObject({
    kind: z.literal('restraint-for'),
    childId: idSchema,
    modelId: modelIdSchema.optional(),
    unitId: unitIdSchema.optional(),
  })
  .refine((p) => (p.modelId === undefined) !== (p.unitId === undefined), {
    path: ['unitId'],
    message: REQUEST_EN.oneOfTwo,
  })
const leaveOutSchema = z.strictObject({ kind: z.literal('leave-out'), vehicleId: vehicleIdSchema })

/** What somebody asks of the arrangement: a pin must hold, a wish should. */
export const pinSchema = z.union([childAtSchema, restraintForSchema, leaveOutSchema])
export type Pin = z.infer<typeof pinSchema>

const fields = z.strictObject({
  format: z.literal(ARRANGE_FORMAT),
  version: z.literal(ARRANGE_VERSION),
  today: daySchema,
  children: z.array(childSchema).min(1).max(MOST_CHILDREN),
  adults: z.array(adultSchema).max(8).optional(),
  driver: z.strictObject({ shoulderBreadthMm: adultBreadthSchema.optional() }).optional(),
  /** The cars that may be used, in the order in which ties are told. */
  vehicles: z.array(vehicleSchema).min(1).max(30),
  /** Every model that a unit is of; one without a unit is in the catalogue only. */
  restraints: z.array(modelSchema).max(300),
  units: z.array(unitSchema).max(400),
  /** Units that the family owns. */
  ownedUnitIds: z.array(unitIdSchema).max(50).optional(),
  /** Places that are taken by something else. */
  taken: z
    .array(z.strictObject({ vehicleId: vehicleIdSchema, positionId: idSchema }))
    .max(60)
    .optional(),
  /** Units whose cup holder or pod is taken off. */
  extrasOff: z.array(unitIdSchema).max(400).optional(),
  pins: z.array(pinSchema).max(20).optional(),
  wishes: z.array(pinSchema).max(20).optional(),
  journeyMinutes: z.int().min(1).max(2880).optional(),
  practice: practiceSchema,
  localRule: localRuleSchema,
})

type Issue = (path: (string | number)[], message: string) => void

/** Ids are used once in each list, and what is named is there. */
function crossCheck(r: z.infer<typeof fields>, issue: Issue): void {
  const once = (list: keyof typeof r, ids: readonly string[]): ReadonlySet<string> => {
    const seen = new Set<string>()
    ids.forEach((id, i) => {
      if (seen.has(id)) issue([list, i, 'id'], REQUEST_EN.usedTwice(id))
      seen.add(id)
    })
    return seen
  }
  const idsOf = (list: readonly { readonly id: string }[]) => list.map((x) => x.id)
  const children = once('children', idsOf(r.children))
  once('adults', idsOf(r.adults ?? []))
  r.adults?.forEach((a, i) => {
    if (children.has(a.id)) issue(['adults', i, 'id'], REQUEST_EN.usedTwice(a.id))
  })
  for (const list of ['children', 'adults'] as const)
    r[list]?.forEach(({ id }, i) => {
      if (id === DRIVER_ID) issue([list, i, 'id'], REQUEST_EN.ofTheDriver)
    })
  const vehicles = once('vehicles', idsOf(r.vehicles))
  const models = once('restraints', idsOf(r.restraints))
  const units = once('units', idsOf(r.units))
  const places = new Set(r.vehicles.flatMap((v) => v.positions.map((p) => p.id)))

  r.children.forEach((c, i) => {
    if (c.dateOfBirth !== undefined && c.dateOfBirth > r.today)
      issue(['children', i, 'dateOfBirth'], REQUEST_EN.notAfter(r.today))
  })
  r.adults?.forEach((a, i) => {
    if (a.positionId !== undefined && !places.has(a.positionId))
      issue(['adults', i, 'positionId'], REQUEST_EN.noPlace(a.positionId))
  })
  r.units.forEach((u, i) => {
    if (!models.has(u.modelId)) issue(['units', i, 'modelId'], REQUEST_EN.noRestraint(u.modelId))
    if (u.madeOn !== undefined && u.madeOn > r.today) issue(['units', i, 'madeOn'], REQUEST_EN.notAfter(r.today))
  })
  for (const list of ['ownedUnitIds', 'extrasOff'] as const)
    r[list]?.forEach((id, i) => {
      if (!units.has(id)) issue([list, i], REQUEST_EN.noUnit(id))
    })
  r.taken?.forEach((t, i) => {
    const vehicle = r.vehicles.find((v) => v.id === t.vehicleId)
    if (!vehicle) issue(['taken', i, 'vehicleId'], REQUEST_EN.noCar(t.vehicleId))
    else if (!vehicle.positions.some((p) => p.id === t.positionId))
      issue(['taken', i, 'positionId'], REQUEST_EN.noPlaceInCar(t.positionId))
  })
  for (const list of ['pins', 'wishes'] as const)
    r[list]?.forEach((pin, i) => {
      if ('childId' in pin && !children.has(pin.childId)) issue([list, i, 'childId'], REQUEST_EN.noChild(pin.childId))
      if ('vehicleId' in pin && pin.vehicleId !== undefined && !vehicles.has(pin.vehicleId))
        issue([list, i, 'vehicleId'], REQUEST_EN.noCar(pin.vehicleId))
      if (pin.kind === 'child-at' && !places.has(pin.positionId))
        issue([list, i, 'positionId'], REQUEST_EN.noPlace(pin.positionId))
      if (pin.kind === 'restraint-for' && pin.modelId !== undefined && !models.has(pin.modelId))
        issue([list, i, 'modelId'], REQUEST_EN.noRestraint(pin.modelId))
      if (pin.kind === 'restraint-for' && pin.unitId !== undefined && !units.has(pin.unitId))
        issue([list, i, 'unitId'], REQUEST_EN.noUnit(pin.unitId))
    })
}

/** One question: who sits where, with which restraint, so that all of it fits at once. */
export const arrangeRequestSchema = fields
  .superRefine((r, ctx) => crossCheck(r, (path, message) => ctx.addIssue({ code: 'custom', path, message })))
  .meta({ id: 'ArrangeRequest', title: REQUEST_EN.title })
export type ArrangeRequest = z.infer<typeof arrangeRequestSchema>
