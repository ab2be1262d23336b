import { type Sequence } from '../ground/index.ts'
import { type CheckId, checkLabel } from '../checks/index.ts'
import { changeText, staleReadings, standingSteps, type Change } from '../readings/index.ts'
import type { Case } from './case.ts'
import { applyPuts } from './changes.ts'
import { staleChangesOf } from './edges.ts'
import type { Changed, Put } from './put.ts'
import * as msg from './messages.en.ts'

/** Why an entry made on an older state of a case may not go on top of what was entered since. */
type Collision =
  | { readonly kind: 'written'; readonly path: readonly string[] }
  | { readonly kind: 'outdated'; readonly path: readonly string[]; readonly by?: Change | undefined }

const covers = (a: readonly string[], b: readonly string[]): boolean =>
  a.every((step, i) => i >= b.length || b[i] === step)

/** A path, one above it or one below it: `vehicle` and one of its places are the same thing written. */
export const overlap = (a: readonly string[], b: readonly string[]): boolean =>
  a.length <= b.length ? covers(a, b) : covers(b, a)

/**
 * What stands against an entry whose writer has seen the case up to
 * `baseSequence`, where others have made `since` after that: a field that they
 * wrote, or a look that they have outdated. A look is taken at the car as it was
 * when the writer last saw the record; so it is asked whether one noted then
 * would still hold. `undefined` when nothing does.
 */
export function collisionOf(
  current: Case,
  puts: readonly Put[],
  baseSequence: Sequence,
  since: readonly { readonly sequence: Sequence; readonly changes: readonly Changed[] }[],
): Collision | undefined {
  const written = puts.find((p) => since.some((e) => e.changes.some((c) => overlap(p.path, c.path))))
  if (written) return { kind: 'written', path: written.path }
  // A setting belongs to the mode and the place that it was set for.
  const setting = puts.find((p) => p.path[0] === 'settings')
  const counted = new Set(since.map((e) => e.sequence))
  if (setting && counted.has(current.choice.at)) return { kind: 'outdated', path: setting.path, by: 'choice' }
  const looks = puts.filter((p) => (p.path[0] === 'readings' || p.path[0] === 'stepsDone') && p.value !== null)
  if (looks.length === 0) return undefined
  const applied = applyPuts(current, looks, baseSequence)
  // What is not valid is said by whoever takes the entry.
  if (!applied.ok) return undefined
  const then = applied.value.case
  const changes = { ...staleChangesOf(then), counted }
  const stale = staleReadings({ ...changes, readings: then.readings })
  const standing = standingSteps({ ...changes, stepsDone: then.stepsDone ?? {} })
  for (const { path } of looks) {
    const id = path[1] ?? ''
    const isStanding = path[0] === 'readings' ? !stale.has(id as CheckId) : standing.has(id)
    if (!isStanding) return { kind: 'outdated', path, by: stale.get(id as CheckId) }
  }
  return undefined
}

/** What a collision is about, for whoever entered it. */
export function collisionText(collision: Collision, who: string): string {
  const { path } = collision
  const what = path[0] === 'readings' ? `“${checkLabel(path[1] as CheckId)}”` : path.join(' ')
  if (collision.kind === 'written') return msg.hasChangedSince(who, what)
  const { by } = collision
  const why = by === undefined ? msg.whatItStoodOnWas : changeText(by)
  return msg.wasLookedAtBeforeEntered(what, who, why)
}
