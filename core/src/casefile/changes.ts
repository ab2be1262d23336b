import { err, ok, type Result, type Sequence } from '../ground/index.ts'
import { CHECK_IDS } from '../checks/index.ts'
import { DISTURBANCE_IDS, SETTING_IDS } from '../readings/index.ts'
import { caseSchema, parseChanged, type Case } from './case.ts'
import { consequencesOf } from './consequences.ts'
import { faultText, parseWith, type Fault } from '../ground/index.ts'
import type { Changed, Put } from './put.ts'
import * as msg from './messages.en.ts'

const CHILD_FIELDS = [
  'name', 'familyName', 'dateOfBirth', 'ageMonths', 'sex', 'bornAtWeeks', 'headControl', 'needsPostureSpecialist',
  'massKg', 'weighedIn', 'statureCm', 'measuredIn', 'seatedShoulderHeightMm', 'sittingHeightMm', 'shoulderBreadthMm', 'birthMassKg', 'advice', 'note',
] // prettier-ignore
const PLACE_FIELDS = [
  'belt', 'isofix', 'tether', 'frontAirbag', 'floor', 'cushion', 'headRestraint', 'headRestraintTopMm', 'backrestDeg',
  'frontClearanceMm', 'frontSeatRangeMm', 'obstacles', 'handbook', 'lowerTetherPoints',
  'slidingTrack', 'without', 'isDriverSeat', 'facing',
] // prettier-ignore

/** Fields that take part in staleness are stamped with the entry's place in the order. */
const STAMPED = new Set(['choice', 'settings', 'readings', 'disturbances', 'stepsDone', 'identity'])
const MAY_BE_ABSENT = new Set(['childChanged', 'redone', 'takenAway'])
/** What a hand says of its own restraint on a ride; all else of the ride is written by whoever keeps it. */
const OF_RIDE = ['own', 'others', 'installedBefore']
const STEP_ID = /^[a-z0-9][a-z0-9-]{0,62}$/

function isAllowed([root, key, field, ...rest]: readonly string[]): boolean {
  if (rest.length > 0 || root === undefined) return false
  switch (root) {
    case 'child':
      return key !== undefined && field === undefined && CHILD_FIELDS.includes(key)
    case 'vehicle':
      return key === undefined || (field !== undefined && PLACE_FIELDS.includes(field))
    case 'settings':
      return field === undefined && (SETTING_IDS as readonly string[]).includes(key ?? '')
    case 'readings':
      return field === undefined && (CHECK_IDS as readonly string[]).includes(key ?? '')
    case 'disturbances':
      return field === undefined && (DISTURBANCE_IDS as readonly string[]).includes(key ?? '')
    case 'ride':
      return field === undefined && (key === undefined || OF_RIDE.includes(key))
    case 'stepsDone':
      return key !== undefined && field === undefined && STEP_ID.test(key)
    case 'choice':
    case 'restraints':
    case 'units':
    case 'practice':
    case 'localRule':
    case 'today':
    case 'handover':
    case 'identity':
    case 'journeyMinutes':
      return key === undefined
    default:
      return false
  }
}

/** Drops the fields that were taken away, so that a document never holds `undefined`. */
function withField(record: Readonly<Record<string, unknown>>, key: string, value: unknown): Record<string, unknown> {
  const next: Record<string, unknown> = { ...record }
  if (value === null || value === undefined) delete next[key]
  else next[key] = value
  return next
}

function readAt(document: Record<string, unknown>, path: readonly string[]): unknown {
  const [root = '', key, field] = path
  const top = document[root]
  if (key === undefined) return top
  if (root === 'vehicle') {
    const position = (top as Case['vehicle'])?.positions.find((p) => p.id === key)
    return (position as Record<string, unknown> | undefined)?.[field ?? '']
  }
  return (top as Record<string, unknown> | undefined)?.[key]
}

function writeAt(document: Record<string, unknown>, path: readonly string[], value: unknown): Record<string, unknown> {
  const [root = '', key, field] = path
  if (key === undefined) return withField(document, root, value)
  if (root === 'vehicle') {
    const vehicle = document.vehicle as Case['vehicle']
    if (!vehicle?.positions.some((p) => p.id === key)) return document
    const positions = vehicle.positions.map((p) => (p.id === key ? withField(p, field ?? '', value) : p))
    return { ...document, vehicle: { ...vehicle, positions } }
  }
  const next = withField((document[root] ?? {}) as Record<string, unknown>, key, value)
  // A record that is there only while it holds something goes with the last of it.
  if (MAY_BE_ABSENT.has(root) && Object.keys(next).length === 0) return withField(document, root, null)
  return { ...document, [root]: next }
}

function stamped({ path, value }: Put, from: unknown, sequence: Sequence): unknown {
  if (value === null || !STAMPED.has(path[0] ?? '') || typeof value !== 'object') return value
  const before = path[0] === 'settings' ? (from as { readonly value?: unknown } | null)?.value : undefined
  return { ...value, ...(before !== undefined && { was: before }), at: sequence }
}

/**
 * A slip of the finger may be put right as one while nothing was entered since;
 * whether it was the same person's, who is at the door must say. Kept with it: what was noted before.
 */
function slipFault(before: Case, { path, value }: Put, from: unknown): string | undefined {
  const slip = (value as { readonly slip?: unknown } | null)?.slip
  if (path[0] !== 'readings' || slip === undefined) return undefined
  const noted = from as Case['readings'][keyof Case['readings']] | null
  if (noted == null) return msg.nothingWasNotedBefore
  if (noted.at !== highestSequence(before)) return msg.somethingWasEnteredSinceThat
  const was = noted.option ?? noted.number
  return JSON.stringify(slip) === JSON.stringify(was) ? undefined : msg.mustBeWhatWasNoted(JSON.stringify(was))
}

/** The highest place in the order of entry that a case holds. */
export function highestSequence(c: Case): number {
  const places = (record: object | undefined): readonly number[] =>
    Object.values(record ?? {})
      .flat()
      .flatMap((x: { readonly at: number } | undefined) => x?.at ?? [])
  return Math.max(
    0,
    c.choice.at,
    c.identity?.at ?? 0,
    ...[c.settings, c.readings, c.disturbances, c.stepsDone, c.childChanged, c.redone, c.takenAway].flatMap(places),
  )
}

function checked(document: unknown): Result<Case, readonly Fault[]> {
  return parseWith(caseSchema, document)
}

/**
 * Applies one entry (one or more puts, all or none) as the `sequence`-th of the
 * fitting, and returns the new case with what changed. A put outside the table
 * or a value outside its limits comes back as faults and changes nothing.
 */
export function applyPuts(
  before: Case,
  puts: readonly Put[],
  sequence: Sequence,
): Result<{ readonly case: Case; readonly changed: readonly Changed[] }, readonly Fault[]> {
  let document = before as unknown as Record<string, unknown>
  const changed: Changed[] = []
  for (const [i, put] of puts.entries()) {
    if (!isAllowed(put.path)) {
      return err([{ path: `$.puts[${i}].path`, message: msg.isNotAFieldThat(put.path.join('.')) }])
    }
    if (
      put.path[0] === 'vehicle' &&
      put.path.length === 3 &&
      !before.vehicle?.positions.some((p) => p.id === put.path[1])
    ) {
      return err([{ path: `$.puts[${i}].path`, message: msg.noPlaceInTheVehicle(put.path[1] ?? '') }])
    }
    const from = readAt(document, put.path) ?? null
    const write = (path: readonly string[], value: unknown): void => {
      const before = readAt(document, path) ?? null
      document = writeAt(document, path, value)
      const to = readAt(document, path) ?? null
      if (JSON.stringify(before) !== JSON.stringify(to) || path === put.path) changed.push({ path, from: before, to })
    }
    const slip = slipFault(before, put, from)
    if (slip !== undefined) return err([{ path: `$.puts[${i}].value.slip`, message: slip }])
    write(put.path, stamped(put, from, sequence))
    // What follows from it is written in the same entry, so that it is replayed and undone with it.
    for (const next of consequencesOf(document as unknown as Case, put, from, sequence)) write(next.path, next.value)
  }
  const parsed = parseChanged(before, document)
  return parsed.ok ? ok({ case: parsed.value, changed }) : parsed
}

/**
 * Takes one entry back as if it had never been made, stamps included: for a
 * slip of the hand in the record, not for something moved back in the car.
 */
export function revert(after: Case, changed: readonly Changed[]): Result<Case, readonly Fault[]> {
  let document = after as unknown as Record<string, unknown>
  for (const change of changed.toReversed()) document = writeAt(document, change.path, change.from)
  return checked(document)
}

/**
 * A case with what a stored entry changed in it. Nothing is judged again: it was
 * when it was stored, so only what this product itself has stored may be given.
 */
export const withChanges = (c: Case, changes: readonly Changed[]): Case =>
  changes.reduce<Record<string, unknown>>(
    (document, { path, to }) => writeAt(document, path, to),
    c as unknown as Record<string, unknown>,
  ) as unknown as Case

/**
 * The state that a history leads to.
 *
 * @throws Error when an entry does not apply: a stored history always does.
 */
export function replay(initial: Case, history: readonly (readonly Changed[])[]): Case {
  const parsed = checked(history.reduce(withChanges, initial))
  if (!parsed.ok) throw new Error(`History does not replay: ${parsed.error.map(faultText).join('; ')}`)
  return parsed.value
}
