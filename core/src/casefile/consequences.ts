import { type Sequence } from '../ground/index.ts'
import type { Child } from '../child/index.ts'
import { toInterval, type Quantity } from '../quantities/index.ts'
import { checkOf, optionOf, type CheckId } from '../checks/index.ts'
import { CHILD_MEASURES, type Reading } from '../readings/index.ts'
import { besideIn, sharedSeatIn } from './beside.ts'
import { DATED_MEASURES, type Case, type Identity } from './case.ts'
import type { Put } from './put.ts'
import { rideSchema, type Ride } from './ride.ts'
import * as msg from './messages.en.ts'

/**
 * What an entry brings with it, beyond the field it names: a bad check put right
 * is its step done over, a changed measure outdates what rests on it, a changed
 * day of birth asks whether it is another child. Worked out at the one door
 * through which a case changes, so that no client can leave it out.
 */
interface Write {
  readonly path: readonly string[]
  readonly value: unknown
}

const areApart = (a: Quantity | null | undefined, b: Quantity | null | undefined): boolean => {
  const [x, y] = [toInterval(a ?? undefined), toInterval(b ?? undefined)]
  return x !== undefined && y !== undefined && (x.hi < y.lo || y.hi < x.lo)
}

/** Whether something was done in between: it was bad, or left to a rule, and is another now. */
function isPutRight(id: CheckId, before: Reading, now: Reading): boolean {
  if (checkOf(id).kind === 'number') return areApart(before.number, now.number)
  if (before.option === undefined || now.option === undefined || before.option === now.option) return false
  const was = optionOf(id, before.option)?.means
  return (was === 'fail' || was === 'by-rule') && optionOf(id, now.option)?.means !== 'undecided'
}

/** More often than this no check of one fitting is put right; the oldest are outdated long since. */
const KEPT_REDONE = 500

/** A reading that was nothing to remember once it is taken away: it was good, or said nothing. */
function isHarmless(id: CheckId, reading: Reading): boolean {
  if (checkOf(id).kind === 'number') return false
  const means = reading.option === undefined ? 'undecided' : optionOf(id, reading.option)?.means
  return means === 'pass' || means === 'undecided'
}

function afterReading(c: Case, id: CheckId, from: Reading | null, sequence: Sequence): readonly Write[] {
  const now = c.readings[id]
  const taken = c.takenAway?.[id]
  if (now === undefined) return from === null || isHarmless(id, from) ? [] : [{ path: ['takenAway', id], value: from }]
  // Only a note of what it showed before: nothing is said of now.
  if (now.option === undefined && now.number === undefined) return []
  const gone: readonly Write[] = taken === undefined ? [] : [{ path: ['takenAway', id], value: null }]
  if (now.slip !== undefined) return gone
  const before = from ?? taken
  return before !== undefined && isPutRight(id, before, now)
    ? [
        ...gone,
        {
          path: ['redone', id],
          value: [...(c.redone?.[id] ?? []), { from: before.at, at: sequence }].slice(-KEPT_REDONE),
        },
      ]
    : gone
}

const IDENTITY_FIELDS: readonly string[] = ['dateOfBirth', 'ageMonths', 'sex'] satisfies readonly Identity['field'][]
const inWords = (x: unknown): string => {
  if (typeof x === 'string') return x
  const i = toInterval(x as Quantity)
  return i === undefined ? msg.notKnown : i.lo === i.hi ? `${i.lo} months` : msg.toMonths(i.lo, i.hi)
}

/** Everything measured or known of a child that another child brings anew. */
const OF_ONE_CHILD = [
  'massKg', 'statureCm', 'seatedShoulderHeightMm', 'sittingHeightMm', 'headControl', 'needsPostureSpecialist',
  'bornAtWeeks', 'birthMassKg', 'advice', 'weighedIn', 'measuredIn',
] as const // prettier-ignore

function afterChild(c: Case, field: string, from: unknown, sequence: Sequence): readonly Write[] {
  const now = (c.child as Readonly<Record<string, unknown>>)[field]
  if (from === null || JSON.stringify(from) === JSON.stringify(now)) return []
  if ((CHILD_MEASURES as readonly string[]).includes(field)) {
    return areApart(from as Quantity, now as Quantity)
      ? [{ path: ['childChanged', field], value: { at: sequence } }]
      : []
  }
  if (!IDENTITY_FIELDS.includes(field)) return []
  if (field === 'ageMonths' && now !== undefined && !areApart(from as Quantity, now as Quantity)) return []
  const pending = c.identity !== undefined && c.identity.answer === undefined ? c.identity : undefined
  // The first doubt stands until it is answered: what was there before it is what a person remembers.
  const identity: Identity = pending ?? { field: field as Identity['field'], was: inWords(from), at: sequence }
  return [{ path: ['identity'], value: { ...identity, at: sequence } }]
}

/** Another child: all about the child before goes, save what was entered after the question was raised. */
function afterIdentity(c: Case, before: Identity | null, sequence: Sequence): readonly Write[] {
  if (c.identity?.answer !== 'another' || before?.answer === 'another') return []
  return [
    { path: ['disturbances', 'child'], value: { at: sequence } },
    ...OF_ONE_CHILD.filter((field) => {
      const since = (c.childChanged as Readonly<Record<string, { readonly at: number } | undefined>> | undefined)?.[
        field
      ]
      return c.child[field] !== undefined && (since?.at ?? -1) < (before?.at ?? sequence)
    }).map((field) => ({ path: ['child', field], value: null })),
  ]
}

/** A measure without a day was taken on the day of the case: that is written down before the day moves on. */
function afterToday(c: Case, from: unknown): readonly Write[] {
  if (typeof from !== 'string' || from === c.today) return []
  return DATED_MEASURES.flatMap((field): readonly Write[] => {
    const q = c.child[field]
    return q === undefined || q.on !== undefined ? [] : [{ path: ['child', field], value: { ...q, on: from } }]
  })
}

const isOther = (a: unknown, b: unknown): boolean => JSON.stringify(a) !== JSON.stringify(b)

/**
 * What the others of the ride changed where this restraint meets them, or what was
 * put on it or taken off it that widens it. Moving it to another place un-passes all of it anyway.
 */
function afterRide(c: Case, key: string, from: unknown, sequence: Sequence): readonly Write[] {
  // What is no ride is refused by whoever takes the entry; nothing follows from it.
  if (c.ride === undefined || !rideSchema.safeParse(c.ride).success) return []
  const noted = (id: string): Write => ({ path: ['disturbances', id], value: { at: sequence } })
  if (key === 'own') {
    if (c.ride.own === undefined) return from === null ? [] : [noted('beside')]
    const { modelId, modeId, positionId } = c.choice
    const own = { ...c.ride.own, of: { modelId, modeId, positionId } }
    return [{ path: ['ride', 'own'], value: own }, ...(isOther(from, own) ? [noted('beside')] : [])]
  }
  const { ride, ...alone } = c
  const before: Case =
    key === ''
      ? { ...alone, ...(from !== null && { ride: from as Ride }) }
      : { ...c, ride: { ...ride, [key]: from ?? [] } }
  return [
    ...(isOther(besideIn(before), besideIn(c)) ? [noted('beside')] : []),
    ...(isOther(sharedSeatIn(before), sharedSeatIn(c)) ? [noted('shared-seat')] : []),
  ]
}

/** The same child with a day on every measure that has none. */
export function datedChild(child: Child, day: string): Child {
  const dated = Object.fromEntries(
    DATED_MEASURES.flatMap((field) => {
      const q = child[field]
      return q === undefined || q.on !== undefined ? [] : [[field, { ...q, on: day }]]
    }),
  )
  return { ...child, ...dated }
}

/** What has to be written beside one put, given the case with the put in it. */
export function consequencesOf(c: Case, put: Put, from: unknown, sequence: Sequence): readonly Write[] {
  const [root, key = ''] = put.path
  switch (root) {
    case 'readings':
      return afterReading(c, key as CheckId, from as Reading | null, sequence)
    case 'child':
      return afterChild(c, key, from, sequence)
    case 'identity':
      return afterIdentity(c, from as Identity | null, sequence)
    case 'ride':
      return afterRide(c, key, from, sequence)
    case 'today':
      return afterToday(c, from)
    default:
      return []
  }
}
