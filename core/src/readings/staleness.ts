import { CHECK_IDS, CHECKS, checksOf, type CheckId, type Part } from '../checks/index.ts'
import { CHILD_MEASURES, DISTURBANCE_IDS, SETTING_IDS } from './schema.ts'
import type {
  ChildChanged,
  ChildMeasure,
  Disturbance,
  Disturbances,
  Readings,
  Redone,
  Settings,
  StepsDone,
} from './schema.ts'

/**
 * A passed check holds only for the configuration it was made in. An edge says:
 * once this is changed, that must be looked at again.
 */

/** What can be changed by hand in the car, each with its usual edges. */
export type NamedChange = keyof Settings | Disturbance | 'choice'
/** Also: a measure of the child changed, and a bad check put right, which is its step done over. */
export type Change = NamedChange | `child.${ChildMeasure}` | `redone.${CheckId}`

/** What a route held by the belt brings beside the usual edges: it is steady only while the belt is. */
export const STEADY_ON_BELT: readonly StaleEdge[] = ['recline', 'insertsIn'].map((change) => ({
  change,
  unpasses: checksOf(['steadiness']),
  isBeside: true,
}))

/** What each change in the car disturbs; a mode or route may state its own edges (`staleEdges`), which then stand instead. */
const DISTURBS: Record<NamedChange, readonly (Part | CheckId)[]> = {
  choice: CHECK_IDS,
  recline: ['latches', 'leg', 'tether-run', 'angle', 'head-position', 'front-seat', 'belt-held'],
  connectors: ['attachment'],
  base: ['attachment'],
  legNotch: ['leg', 'angle', 'latches', 'gaps'],
  wedge: ['belt-held', 'steadiness', 'gaps', 'leg', 'angle', 'front-seat'],
  tether: ['tether'],
  vehicleHeadRestraint: ['tether-run', 'gaps', 'head-position', 'booster-back', 'clear-all-round'],
  frontSeatGapMm: ['front-seat'],
  slideMm: ['attachment'],
  insertsIn: ['strap-exit', 'slack', 'head-position', 'chin', 'belt-locked', 'belt-tension'],
  strapHeightMm: ['strap-exit', 'slack', 'head-position', 'guide-above-shoulder-mm', 'diagonal', 'guide-gate'],
  turned: ['turn-lock', 'side-pod', 'forward-guard', 'angle', 'harness', 'head-position', 'front-seat'],
  // Lifted off and set round: the base stays latched, and what hangs on the shell is done again.
  'set-round': [
    'shell-on-base',
    'carry-handle',
    'turn-lock',
    'side-pod',
    'forward-guard',
    'tether',
    'lower-tethers',
    'steadiness',
    'angle',
    'gaps',
    'harness',
    'head-position',
    'front-seat',
  ],
  harness: ['slack', 'strap-twist', 'harness-buckle', 'coat', 'coat-hides-mm'],
  clothes: ['harness', 'booster', 'head-position'],
  // The child came out with it, so what was seen on the child goes too.
  removed: CHECK_IDS,
  // What others can undo while nobody looks.
  left: ['floor-box', 'airbag-lamp', 'seat-fully-back', 'front-seat', 'console-out', 'bench-set', 'backrest-latched'],
  // Nothing as a rule; where arms creep, the route's own edge says so.
  driven: [],
  carrier: ['shell-on-base', 'carry-handle', 'harness', 'head-position'],
  beside: ['room-beside', 'clear-all-round', 'buckle'],
  'shared-seat': ['front-seat', 'seat-fully-back'],
  child: [...CHECK_IDS.filter((id) => CHECKS[id].stage === 'child-in'), 'head-inboard'],
}
/** What another measure of the child leaves in doubt. */
const MEASURE_DISTURBS: Record<ChildMeasure, readonly (Part | CheckId)[]> = {
  massKg: ['slack', 'coat-hides-mm', 'belt-slack'],
  statureCm: ['head-position', 'strap-exit', 'guide-above-shoulder-mm', 'diagonal', 'knees'],
  seatedShoulderHeightMm: ['strap-exit', 'guide-above-shoulder-mm', 'diagonal', 'slack'],
  sittingHeightMm: ['head-position'],
}
const each = <K extends string>(table: Record<K, readonly (Part | CheckId)[]>): Record<K, readonly CheckId[]> =>
  Object.fromEntries(Object.entries<readonly (Part | CheckId)[]>(table).map(([k, of]) => [k, checksOf(of)])) as Record<
    K,
    readonly CheckId[]
  >
/** Usual edges, by change. */
export const UNPASSES = each(DISTURBS)
const CHILD_MEASURE_UNPASSES = each(MEASURE_DISTURBS)
/** What putting a bad check right does over, and so un-passes. */
const REDOING = each(
  Object.fromEntries(CHECK_IDS.map((id) => [id, CHECKS[id].puttingRight])) as Record<
    CheckId,
    readonly (Part | CheckId)[]
  >,
)

export const isMeasureChange = (change: Change): change is `child.${ChildMeasure}` => change.startsWith('child.')
export const isRedoing = (change: Change): change is `redone.${CheckId}` => change.startsWith('redone.')
export const redoneCheck = (change: `redone.${CheckId}`): CheckId => change.slice('redone.'.length) as CheckId

export interface StaleEdge {
  readonly change: string
  readonly unpasses: readonly string[]
  /** Stands beside the usual edges of the change (what the kind of route brings), and not instead of them. */
  readonly isBeside?: boolean
}

interface Changes {
  readonly choiceAt: number
  readonly settings: Settings
  readonly disturbances: Disturbances
  readonly childChanged?: ChildChanged | undefined
  readonly redone?: Redone | undefined
  /** Edges stated by the mode or route; one for a change replaces the usual one. */
  readonly ownEdges?: readonly StaleEdge[] | undefined
  /** The entries whose changes count; all, where it is not said. */
  readonly counted?: ReadonlySet<number> | undefined
}
interface Configuration extends Changes {
  readonly readings: Readings
}

/** Every change that was made, the earliest first. */
function changesIn(c: Changes): readonly (readonly [Change, number])[] {
  const changedAt: [Change, number][] = [['choice', c.choiceAt]]
  const note = (change: Change, at: number | undefined): void => {
    if (at !== undefined) changedAt.push([change, at])
  }
  for (const id of SETTING_IDS) note(id, c.settings[id]?.at)
  for (const id of DISTURBANCE_IDS) note(id, c.disturbances[id]?.at)
  for (const id of CHILD_MEASURES) note(`child.${id}`, c.childChanged?.[id]?.at)
  const named = [...changedAt]
  for (const id of CHECK_IDS) {
    for (const { from, at } of c.redone?.[id] ?? []) {
      // A note that no longer held was to be made again anyway: what outdated it has un-passed the rest.
      const wasStale = named.some(
        ([change, when]) => when > from && when < at && edgesOf(change, c.ownEdges).includes(id),
      )
      if (!wasStale) note(`redone.${id}`, at)
    }
  }
  const { counted } = c
  return (counted ? changedAt.filter(([, at]) => counted.has(at)) : changedAt).sort((a, b) => a[1] - b[1])
}

/** What no maker's edge can take off a change: these are about who and what is there, not about the maker's parts. */
const ALWAYS_USUAL: ReadonlySet<Change> = new Set<Change>([
  'choice',
  'removed',
  'child',
  'left',
  'beside',
  'shared-seat',
])

/** What a change un-passes: the maker's own edges for it, or the usual ones. */
export function edgesOf(change: Change, ownEdges: readonly StaleEdge[] | undefined): readonly string[] {
  if (isMeasureChange(change)) return CHILD_MEASURE_UNPASSES[change.slice('child.'.length) as ChildMeasure]
  if (isRedoing(change)) {
    const check = redoneCheck(change)
    return REDOING[check].filter((id) => id !== check)
  }
  const of = ownEdges?.filter((e) => e.change === change) ?? []
  const own = ALWAYS_USUAL.has(change) ? [] : of.filter((e) => e.isBeside !== true)
  // A maker's word on a change stands alone: it says also what the kind of route would have brought.
  return own.length > 0 ? own.flatMap((e) => e.unpasses) : [...UNPASSES[change], ...of.flatMap((e) => e.unpasses)]
}

/**
 * Which readings no longer hold, with the latest change that outdated each.
 * A lower tether on the moving frame of a front seat goes stale with that seat:
 * say so through `ownEdges`.
 */
export function staleReadings(c: Configuration): ReadonlyMap<CheckId, Change> {
  const stale = new Map<CheckId, Change>()
  for (const [change, at] of changesIn(c)) {
    for (const id of edgesOf(change, c.ownEdges) as readonly CheckId[]) {
      const reading = c.readings[id]
      if (reading !== undefined && reading.at < at) stale.set(id, change)
    }
  }
  return stale
}

/** What every step is begun anew after: another choice, or the restraint out of the car. */
const ENDS_ALL_STEPS: ReadonlySet<Change> = new Set<Change>(['choice', 'removed'])

/** The steps noted as done that still stand; a maker's edge may name a step as it names a check. */
export function standingSteps(c: Changes & { readonly stepsDone: StepsDone }): ReadonlyMap<string, number> {
  const standing = new Map(Object.entries(c.stepsDone).map(([id, { at }]) => [id, at]))
  for (const [change, at] of changesIn(c)) {
    const ended = ENDS_ALL_STEPS.has(change) ? standing.keys() : edgesOf(change, c.ownEdges)
    for (const id of [...ended]) if ((standing.get(id) ?? at) < at) standing.delete(id)
  }
  return standing
}
