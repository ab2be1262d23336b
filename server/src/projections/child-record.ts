import { isDeepStrictEqual } from 'node:util'
import { datedChild } from '@nimble-anchor/core/casefile'
import { type Child } from '@nimble-anchor/core/child'
import { ChildRow } from '../storage/entities'
import type { FittingStored } from './stored'

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
export async function keepChild({ manager, before, next, entry }: FittingStored): Promise<void> {
  if (before === undefined || entry === undefined) return
  const [from, to] = [datedChild(before.case.child, before.case.today), datedChild(next.child, next.today)]
  if (isDeepStrictEqual(from, to)) return
  const row = await manager.findOneByOrFail(ChildRow, { id: next.child.id })
  const body = recordAfter(row.body as Child, from, to, entry.takesBack !== undefined)
  if (body !== row.body) await manager.update(ChildRow, { id: row.id }, { body: body as object })
}
