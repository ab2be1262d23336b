import { randomUUID } from 'node:crypto'
import { ConflictException } from '@nestjs/common'
import { datedChild, type Case } from '@nimble-anchor/core/casefile'
import { type Fault, type IsoDate, parseWith } from '@nimble-anchor/core/ground'
import { childSchema, type Child } from '@nimble-anchor/core/child'
import type { EntityManager } from 'typeorm'
import { FaultsException } from '../http/faults'
import { familyOf } from '../storage/family-of'
import { ChildRow } from '../storage/entities'

const plain = (text: string | undefined): string | undefined => text?.trim().toLocaleLowerCase()
const differ = (a: string | undefined, b: string | undefined): boolean => a !== undefined && b !== undefined && a !== b

/** Whether two records of one id are of two children, as far as names and days of birth tell. */
const isAnother = (known: Child, brought: Child): boolean =>
  plain(known.name) !== plain(brought.name) ||
  differ(plain(known.familyName), plain(brought.familyName)) ||
  differ(known.dateOfBirth, brought.dateOfBirth)

/** A list of children may not lay one over another that has the same id. */
export const anotherChildFault = (known: Child, brought: Child, where: string): Fault | undefined =>
  isAnother(known, brought)
    ? { path: where, message: `the id "${known.id}" belongs to ${known.name} here, under another name or day of birth` }
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
  today: IsoDate,
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
