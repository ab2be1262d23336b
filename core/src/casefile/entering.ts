import { type Fault, type IsoDate, type Sequence } from '../ground/index.ts'

import type { Case } from './case.ts'
import { highestSequence } from './changes.ts'
import { ENTERING_EN } from './entering.en.ts'
import type { Changed, Put } from './put.ts'
import { upgradeChanges } from './upgrade.ts'

/** What no entry may do, whoever keeps the record: each says which field, and why. */

/** The day written on a measure as the day of the case moved on: nothing that anybody entered. */
function isDating({ path, from, to }: Changed): boolean {
  if (path[0] !== 'child' || typeof from !== 'object' || from === null || typeof to !== 'object' || to === null)
    return false
  const { on, ...rest } = to as { readonly on?: unknown }
  return on !== undefined && !('on' in from) && JSON.stringify(rest) === JSON.stringify(from)
}

/** What came from the others of a ride, and what followed from that: theirs to take back, in their own fittings. */
const isOfOthers = ({ path: [root, key] }: Changed): boolean =>
  (root === 'ride' && key !== 'own') || (root === 'disturbances' && (key === 'beside' || key === 'shared-seat'))

/**
 * What undoing takes back of an entry: all but the day, which passes whatever
 * anybody enters (and is then written on what was measured before it), what is
 * known of units, which jobs on them say, and what the others of a ride are.
 */
export function takeable(changes: readonly Changed[]): Changed[] {
  const movesOn = changes.some((c) => c.path[0] === 'today')
  return [...upgradeChanges([...changes])].filter(
    (c) => c.path[0] !== 'today' && c.path[0] !== 'units' && !isOfOthers(c) && !(movesOn && isDating(c)),
  )
}

/** An entry as far as it is asked whether the next one puts it right. */
interface LastEntry {
  readonly sequence: Sequence
  readonly who: string
  readonly isUndo: boolean
  readonly changes: readonly Changed[]
}

/** Whether a put says that it puts a slip of the finger right. */
export const isSlip = ({ path, value }: Put): boolean =>
  path[0] === 'readings' && (value as { slip?: unknown } | null)?.slip !== undefined

/** A slip of the finger is put right by the one who made it, with nothing entered since; from anybody else it is a new look. */
export function slipFault(
  entry: { readonly who: string; readonly baseSequence: Sequence; readonly puts: readonly Put[] },
  last: LastEntry | undefined,
): Fault | undefined {
  const i = entry.puts.findIndex(isSlip)
  const put = entry.puts[i]
  if (put === undefined) return undefined
  const isOwn =
    last !== undefined &&
    last.who === entry.who &&
    !last.isUndo &&
    entry.baseSequence === last.sequence &&
    last.changes.some((c) => c.path.join('/') === put.path.join('/'))
  return isOwn ? undefined : { path: `$.puts[${i}].value.slip`, message: ENTERING_EN.notOwnSlip }
}

/** What an entry may not put: a day that is not today's, or a signature. */
export function putFaults(puts: readonly Put[], today: IsoDate): readonly Fault[] {
  const day = puts.findIndex((p) => p.path[0] === 'today' && p.value !== today)
  // The day is the clock's, never the writer's: a verdict for another day is nobody's to ask for.
  if (day >= 0) return [{ path: `$.puts[${day}].value`, message: ENTERING_EN.otherDay(today) }]
  const ride = puts.findIndex((p) => p.path[0] === 'ride' && p.path[1] !== 'own')
  // Who rides beside is read from their own fittings: nobody writes it here.
  if (ride >= 0) return [{ path: `$.puts[${ride}].path`, message: ENTERING_EN.rideApart }]
  return puts.some((p) => p.path[0] === 'handover') ? [{ path: '$.puts', message: ENTERING_EN.signedApart }] : []
}

/** An order of entry that comes in leaves as much room again for entries: no hand makes half as many. */
const MOST_ENTRIES_IN_FILE = 500_000

/** A case file of a day that has not come yet, or at the end of the order of entry, would take no entry again. */
export function aheadFaults(c: Case, today: IsoDate): readonly Fault[] {
  const faults: Fault[] = []
  if (c.today > today) faults.push({ path: '$.today', message: ENTERING_EN.ahead(today) })
  if (c.handover !== undefined && c.handover.signedAt.slice(0, 10) > today)
    faults.push({ path: '$.handover.signedAt', message: ENTERING_EN.ahead(today) })
  if (highestSequence(c) > MOST_ENTRIES_IN_FILE)
    faults.push({ path: '$.choice.at', message: ENTERING_EN.tooLate(MOST_ENTRIES_IN_FILE) })
  return faults
}
