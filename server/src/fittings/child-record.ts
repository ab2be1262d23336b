import { randomUUID } from 'node:crypto'
import { isDeepStrictEqual } from 'node:util'
import { ConflictException } from '@nestjs/common'
import { datedChild, type Case } from '@nimble-anchor/core/casefile'
import { parseWith, type Fault } from '@nimble-anchor/core/ground'
import { childSchema, type Child } from '@nimble-anchor/core/child'
import type { EntityManager } from 'typeorm'
import { FaultsException } from '../http/faults'
import { familyOf } from '../families/family-of'
import { ChildRow } from '../storage/entities'

/** Fields that are one measurement: the figure, and what was worn or stood in. */
const MEASUREMENTS = [
  ['massKg', 'weighedIn'],
  ['statureCm', 'measuredIn'],
  ['seatedShoulderHeightMm'],
  ['sittingHeightMm'],
] as const satisfies readonly (readonly (keyof Child)[])[]
const MEASURED: ReadonlySet<string> = new Set(MEASUREMENTS.flat())

const pick = (child: Child, fields: readonly (keyof Child)[]): Partial<Child> =>
  Object.fromEntries(fields.flatMap((f) => (child[f] === undefined ? [] : [[f, child[f]]])))

/**
 * The child’s record after an entry of one of its fittings: what was measured
 * belongs to the child, and the next fitting starts from it. Only what the entry
 * changed is written. Another fitting may have written the same since: then of
 * two measurements the newer one by its day stands, and an entry that is taken
 * back takes back only what it wrote itself.
 *
 * @param before the fitting’s child before the entry, every measure dated
 * @param after the same after it
 */
export function recordAfter(record: Child, before: Child, after: Child, isUndo: boolean): Child {
  const single = [...new Set([...Object.keys(before), ...Object.keys(after)])].filter((f) => !MEASURED.has(f))
  let next: Child = record
  const groups: readonly (readonly (keyof Child)[])[] = [...MEASUREMENTS, ...single.map((f) => [f as keyof Child])]
  for (const fields of groups) {
    const [from, to, kept] = [pick(before, fields), pick(after, fields), pick(record, fields)]
    if (isDeepStrictEqual(from, to)) continue
    const isOwn = isDeepStrictEqual(kept, from)
    if (!isOwn && (isUndo || !isNewer(fields, kept, to))) continue
    const others = Object.fromEntries(Object.entries(next).filter(([f]) => !(fields as readonly string[]).includes(f)))
    next = { ...others, ...to } as Child
  }
  return next
}

/** Whether a value may take the place of one that somebody else wrote: a fact always, a measurement when it is not older. */
function isNewer(fields: readonly (keyof Child)[], kept: Partial<Child>, to: Partial<Child>): boolean {
  const [field] = fields as readonly ['massKg']
  if (!MEASURED.has(field)) return true
  if (to[field] === undefined) return false
  return (to[field].on ?? '') >= (kept[field]?.on ?? '')
}

/** Writes to the child’s record what an entry changed. */
export async function keepChild(manager: EntityManager, before: Case, next: Case, isUndo: boolean): Promise<void> {
  const [from, to] = [datedChild(before.child, before.today), datedChild(next.child, next.today)]
  if (isDeepStrictEqual(from, to)) return
  const row = await manager.findOneByOrFail(ChildRow, { id: next.child.id })
  const body = recordAfter(row.body as Child, from, to, isUndo)
  if (body !== row.body) await manager.update(ChildRow, { id: row.id }, { body: body as object })
}

const plain = (text: string | undefined): string | undefined => text?.trim().toLocaleLowerCase()
const differ = (a: string | undefined, b: string | undefined): boolean => a !== undefined && b !== undefined && a !== b

/** Whether two records of one id are of two children, as far as names and days of birth tell. */
const isAnother = (known: Child, brought: Child): boolean =>
  plain(known.name) !== plain(brought.name) ||
  differ(plain(known.familyName), plain(brought.familyName)) ||
  differ(known.dateOfBirth, brought.dateOfBirth)

/** A list of children may not lay one over another that has the same id. */
export const anotherChildFault = (known: Child, brought: Child, at: string): Fault | undefined =>
  isAnother(known, brought)
    ? { path: at, message: `the id "${known.id}" belongs to ${known.name} here, under another name or day of birth` }
    : undefined

/** What to do with a file whose child has the id of a child that is known here under another name or day of birth. */
export type ChildOfFile = 'known' | 'new'

/**
 * The case of a file on the child that it is about. The record of a child that
 * is known here stays as it is; one that only shares its id is asked about, and
 * gets an id of its own where it is another child.
 *
 * @throws ConflictException while nobody has said which of the two it is
 */
export async function onItsChild(manager: EntityManager, c: Case, said: ChildOfFile | undefined): Promise<Case> {
  const known = (await manager.findOneBy(ChildRow, { id: c.child.id }))?.body as Child | undefined
  if (known && !isAnother(known, c.child)) return c
  if (known && said === 'known') return c
  if (known && said === undefined) {
    const name = [known.name, known.familyName].filter(Boolean).join(' ')
    const born = known.dateOfBirth === undefined ? '' : `, born ${known.dateOfBirth}`
    throw new ConflictException({
      statusCode: 409,
      message: `The file is about a child with the id of ${name}${born}, but under another name or day of birth. Is it the same child?`,
      asks: 'child',
    })
  }
  const child = known ? { ...c.child, id: await freeId(manager, c.child.id) } : c.child
  await manager.insert(ChildRow, {
    id: child.id,
    body: datedChild(child, c.today) as object,
    familyId: await familyOf(manager, child),
  })
  return { ...c, child }
}

/** Keeps a child of whom only the name is known: the rest is measured. */
export async function insertChild(
  manager: EntityManager,
  { name, familyName }: { readonly name: string; readonly familyName?: string | undefined },
  today: string,
): Promise<Child> {
  const whole = [name, familyName].filter(Boolean).join(' ')
  const stem = whole.toLowerCase().normalize('NFKD').replace(/[^a-z0-9]+/g, '-').replace(/^-|-$/g, '') // prettier-ignore
  const child = parseWith(childSchema, {
    id: `${stem.slice(0, 40).replace(/-$/, '') || 'child'}-${randomUUID().slice(0, 8)}`,
    name: name.trim(),
    ...(familyName !== undefined && { familyName: familyName.trim() }),
  })
  if (!child.ok) throw new FaultsException('The fitting was not created.', child.error)
  await manager.insert(ChildRow, {
    id: child.value.id,
    body: datedChild(child.value, today) as object,
    familyId: await familyOf(manager, child.value),
  })
  return child.value
}

const LONGEST_STEM = 55
async function freeId(manager: EntityManager, id: string): Promise<string> {
  for (let n = 2; ; n += 1) {
    const other = `${id.slice(0, LONGEST_STEM)}-${n}`
    if (!(await manager.existsBy(ChildRow, { id: other }))) return other
  }
}
