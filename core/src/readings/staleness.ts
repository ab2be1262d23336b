import type { CheckId } from './checks.ts'
import { CHECK_IDS, CHECKS } from './checks.ts'
import { CHILD_MEASURES, DISTURBANCE_IDS, DISTURBANCES, SETTING_IDS } from './schema.ts'
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

const LATCHES: readonly CheckId[] = ['latch-left', 'latch-right']
const TUGS: readonly CheckId[] = ['tug-left', 'tug-right']
const GAPS: readonly CheckId[] = ['gap-behind', 'gap-under']
const LEG: readonly CheckId[] = ['leg-indicator', 'leg-contact']
/** How the tether runs and how tight it is; where it hooks is not changed by moving what it holds. */
const TETHER_RUN: readonly CheckId[] = ['tether-indicator-mm', 'tether-flat']
const TETHER: readonly CheckId[] = ['tether-used', 'tether-point', ...TETHER_RUN]
const LOWER: readonly CheckId[] = ['lower-tethers-used', 'lower-tethers']
const BUCKLE: readonly CheckId[] = ['buckle-above-edge-mm', 'buckle-clear']
const BELT: readonly CheckId[] = ['belt-path', 'belt-twist', 'belt-locked', 'belt-tension', 'locking-clip', ...BUCKLE]
const STEADY: readonly CheckId[] = ['steadiness-mm', 'steadiness-felt']
const ANGLE: readonly CheckId[] = ['shell-angle-deg', 'angle-proof', 'chin']
const SLACK: readonly CheckId[] = ['slack-mm', 'slack-pinch', 'strap-pressure']
const HARNESS: readonly CheckId[] = [
  'strap-exit', ...SLACK, 'strap-twist', 'harness-buckle', 'coat', 'coat-hides-mm', 'chin',
] // prettier-ignore
const HEAD: readonly CheckId[] = ['head', 'crown-below-edge-mm']
/** Belt and guides round a child on a booster. */
const BOOSTER_BELT: readonly CheckId[] = [
  'guide-above-shoulder-mm', 'diagonal', 'lap-section', 'belt-buckle', 'belt-slack', 'belt-runs', 'guide-gate', 'crotch-guide',
  'booster-path', 'booster-twist',
] // prettier-ignore
const BOOSTER: readonly CheckId[] = [...BOOSTER_BELT, 'booster-back', 'knees']
const RE_ATTACHED: readonly CheckId[] = [
  ...LATCHES, ...TUGS, 'pushed-home', 'rebound-bar', ...GAPS, 'connector-straps', ...LEG, ...TETHER, ...LOWER, ...BELT,
  ...STEADY, ...ANGLE, 'front-seat', 'nothing-added', 'shell-on-base', 'booster-back',
] // prettier-ignore
/** What a belt that holds a restraint has to prove once the shell has moved under it. */
const BELT_HELD: readonly CheckId[] = ['belt-locked', 'belt-tension', 'locking-clip', ...BUCKLE]
/** What a route held by the belt brings beside the usual edges: it is steady only while the belt is. */
export const STEADY_ON_BELT: readonly StaleEdge[] = ['recline', 'insertsIn'].map((change) => ({
  change,
  unpasses: STEADY,
  isBeside: true,
}))
const OF_THE_CHILD: readonly CheckId[] = CHECK_IDS.filter((id) => CHECKS[id].stage === 'child-in')
/** Usual edges; a mode or route may state its own (`staleEdges`), which then stand instead. */
export const UNPASSES: Record<NamedChange, readonly CheckId[]> = {
  choice: CHECK_IDS,
  recline: [...LATCHES, ...LEG, ...TETHER_RUN, ...ANGLE, ...HEAD, 'front-seat', ...BELT_HELD],
  connectors: RE_ATTACHED,
  base: RE_ATTACHED,
  legNotch: [...LEG, ...ANGLE, ...LATCHES, ...GAPS],
  wedge: [...BELT_HELD, ...STEADY, ...GAPS, ...LEG, ...ANGLE, 'front-seat'],
  tether: TETHER,
  vehicleHeadRestraint: [...TETHER_RUN, ...GAPS, ...HEAD, 'booster-back'],
  frontSeatGapMm: ['front-seat'],
  slideMm: RE_ATTACHED,
  insertsIn: ['strap-exit', ...SLACK, ...HEAD, 'chin', 'belt-locked', 'belt-tension'],
  strapHeightMm: ['strap-exit', ...SLACK, ...HEAD, 'guide-above-shoulder-mm', 'diagonal', 'guide-gate'],
  turned: ['turn-lock', 'side-pod', 'forward-guard', ...ANGLE, ...HARNESS, ...HEAD, 'front-seat'],
  harness: [...SLACK, 'strap-twist', 'harness-buckle', 'coat', 'coat-hides-mm'],
  clothes: [...HARNESS, ...BOOSTER, ...HEAD],
  // The child came out with it, so what was seen on the child goes too.
  removed: CHECK_IDS,
  // What others can undo while nobody looks.
  left: ['floor-box', 'airbag-lamp', 'seat-fully-back', 'front-seat', 'console-out', 'bench-set', 'backrest-latched'],
  // Nothing as a rule; where arms creep, the route's own edge says so.
  driven: [],
  carrier: ['shell-on-base', 'carry-handle', ...HARNESS, ...HEAD],
  child: [...OF_THE_CHILD, 'head-inboard'],
} // prettier-ignore

const CHILD_MEASURE_UNPASSES: Record<ChildMeasure, readonly CheckId[]> = {
  massKg: [...SLACK, 'coat-hides-mm', 'belt-slack'],
  statureCm: [...HEAD, 'strap-exit', 'guide-above-shoulder-mm', 'diagonal', 'knees'],
  seatedShoulderHeightMm: ['strap-exit', 'guide-above-shoulder-mm', 'diagonal', ...SLACK],
  sittingHeightMm: HEAD,
}

/** What putting a bad check right does over, and so un-passes; the check itself was just made. */
const REDOING: Record<CheckId, readonly CheckId[]> = {
  'label-serial': [],
  'backrest-latched': RE_ATTACHED,
  'nothing-added': [...RE_ATTACHED, ...HARNESS],
  'bench-set': [...RE_ATTACHED, 'seat-fully-back'],
  'console-out': RE_ATTACHED,
  'floor-box': [...LEG, ...ANGLE],
  retractor: ['belt-locked', 'belt-tension', 'belt-runs', ...STEADY],
  'airbag-lamp': [],
  'seat-fully-back': RE_ATTACHED,
  'latch-left': RE_ATTACHED,
  'latch-right': RE_ATTACHED,
  'tug-left': RE_ATTACHED,
  'tug-right': RE_ATTACHED,
  'pushed-home': RE_ATTACHED,
  'gap-behind': RE_ATTACHED,
  'gap-under': RE_ATTACHED,
  'rebound-bar': RE_ATTACHED,
  'connector-straps': [...STEADY, ...TETHER, ...GAPS],
  'leg-indicator': [...LEG, ...ANGLE, ...LATCHES, ...GAPS, ...STEADY],
  'leg-contact': [...LEG, ...ANGLE, ...LATCHES, ...GAPS, ...STEADY],
  'tether-used': [...TETHER, ...STEADY],
  'tether-point': [...TETHER, ...STEADY],
  'tether-indicator-mm': [...TETHER, ...STEADY],
  'tether-flat': [...TETHER, ...STEADY],
  'lower-tethers-used': [...LOWER, ...STEADY, ...ANGLE],
  'lower-tethers': [...LOWER, ...STEADY, ...ANGLE],
  'belt-path': [...BELT, ...STEADY, ...ANGLE],
  'belt-twist': [...BELT, ...STEADY],
  'belt-locked': [...BELT, ...STEADY, ...ANGLE],
  'belt-tension': [...BELT, ...STEADY, ...ANGLE],
  'locking-clip': [...BELT, ...STEADY],
  'buckle-clear': [...BELT, ...STEADY],
  'buckle-above-edge-mm': [...BELT, ...STEADY],
  'front-seat': [],
  'shell-on-base': ['carry-handle', ...HARNESS, ...STEADY, ...ANGLE],
  'carry-handle': [],
  'head-inboard': RE_ATTACHED,
  'steadiness-felt': RE_ATTACHED,
  'steadiness-mm': RE_ATTACHED,
  'angle-proof': [...ANGLE, ...LATCHES, ...LEG, ...TETHER_RUN, ...HEAD, ...BELT_HELD, ...STEADY, 'front-seat'],
  'shell-angle-deg': [...ANGLE, ...LATCHES, ...LEG, ...TETHER_RUN, ...HEAD, ...BELT_HELD, ...STEADY, 'front-seat'],
  'strap-exit': [...SLACK, ...HEAD, 'harness-buckle'],
  'slack-mm': [...SLACK, 'coat-hides-mm'],
  'slack-pinch': [...SLACK, 'coat-hides-mm'],
  'strap-pressure': [...SLACK, 'coat-hides-mm', ...HEAD],
  'strap-twist': HARNESS,
  'harness-buckle': HARNESS,
  coat: [...HARNESS, ...HEAD],
  'coat-hides-mm': HARNESS,
  'forward-guard': ['turn-lock'],
  chin: [...ANGLE, ...HARNESS, ...HEAD],
  'turn-lock': [...ANGLE, 'front-seat', 'forward-guard'],
  'side-pod': [],
  head: [...HEAD, 'strap-exit', ...SLACK, 'guide-above-shoulder-mm', 'diagonal'],
  'crown-below-edge-mm': [...HEAD, 'strap-exit', ...SLACK],
  'booster-back': [...BOOSTER, ...HEAD, ...LATCHES],
  'booster-path': BOOSTER_BELT,
  'booster-twist': BOOSTER_BELT,
  'belt-buckle': ['belt-slack', 'belt-runs', 'lap-section', 'diagonal'],
  'belt-slack': ['lap-section', 'diagonal', 'belt-runs'],
  'belt-runs': ['belt-slack', 'lap-section', 'diagonal', 'booster-twist'],
  'guide-gate': ['diagonal', 'belt-slack', 'booster-path'],
  'crotch-guide': ['lap-section', 'belt-slack', 'booster-path'],
  'guide-above-shoulder-mm': ['guide-gate', 'diagonal', ...HEAD, 'belt-slack'],
  diagonal: ['guide-above-shoulder-mm', 'guide-gate', 'belt-slack', 'booster-path'],
  'lap-section': ['belt-slack', 'diagonal', 'belt-path'],
  knees: [...BOOSTER, ...HEAD],
} // prettier-ignore

export const CHANGE_TEXT: Record<NamedChange, string> = {
  choice: 'another restraint, mode, place or route was chosen',
  recline: 'the recline was changed',
  legNotch: 'the leg was set to another notch',
  strapHeightMm: 'the strap height was changed',
  wedge: 'the wedge was changed',
  insertsIn: 'the inserts were changed',
  vehicleHeadRestraint: 'the vehicle head restraint was changed',
  frontSeatGapMm: 'the front seat was moved',
  slideMm: 'the shell was slid on its base',
  ...DISTURBANCES,
}

const MEASURE_TEXT: Record<ChildMeasure, string> = {
  massKg: 'the child’s mass was changed',
  statureCm: 'the child’s stature was changed',
  seatedShoulderHeightMm: 'the seated shoulder height was changed',
  sittingHeightMm: 'the sitting height was changed',
}

const isMeasureChange = (change: Change): change is `child.${ChildMeasure}` => change.startsWith('child.')
const isRedoing = (change: Change): change is `redone.${CheckId}` => change.startsWith('redone.')
const redoneCheck = (change: `redone.${CheckId}`): CheckId => change.slice('redone.'.length) as CheckId

/** A change in words, as the second half of "… after it was checked". */
export function changeText(change: Change): string {
  if (isMeasureChange(change)) return MEASURE_TEXT[change.slice('child.'.length) as ChildMeasure]
  if (isRedoing(change)) {
    const { label } = CHECKS[redoneCheck(change)]
    return `“${label.replace(/^./, (x) => x.toLowerCase())}” was bad and put right`
  }
  return CHANGE_TEXT[change]
}

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
const ALWAYS_USUAL: ReadonlySet<Change> = new Set<Change>(['choice', 'removed', 'child', 'left'])

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
