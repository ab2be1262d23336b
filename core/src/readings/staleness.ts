import type { CheckId } from './checks.ts'
import { CHECK_IDS } from './checks.ts'
import { DISTURBANCE_IDS, DISTURBANCES, SETTING_IDS } from './schema.ts'
import type { Disturbance, Disturbances, Readings, Settings, StepsDone } from './schema.ts'

/**
 * A passed check holds only for the configuration it was made in. An edge says:
 * once this is changed, that must be looked at again.
 */

export type Change = keyof Settings | Disturbance | 'choice'

const LATCHES: readonly CheckId[] = ['latch-left', 'latch-right']
const TUGS: readonly CheckId[] = ['tug-left', 'tug-right']
const LEG: readonly CheckId[] = ['leg-indicator', 'leg-contact']
const TETHER: readonly CheckId[] = ['tether-indicator-mm', 'tether-flat']
const BELT: readonly CheckId[] = ['belt-path', 'belt-twist', 'belt-locked', 'buckle-above-edge-mm']
const ANGLE: readonly CheckId[] = ['shell-angle-deg']
const HARNESS: readonly CheckId[] = [
  'strap-exit', 'slack-mm', 'slack-pinch', 'strap-pressure', 'strap-twist', 'harness-buckle', 'coat', 'coat-hides-mm',
] // prettier-ignore
const HEAD: readonly CheckId[] = ['head', 'crown-below-edge-mm']
const BOOSTER: readonly CheckId[] = ['guide-above-shoulder-mm', 'diagonal', 'lap-section', 'knees']
const RE_ATTACHED: readonly CheckId[] = [
  ...LATCHES, ...TUGS, 'pushed-home', 'base-gap', 'connector-straps', ...LEG, ...TETHER, 'lower-tethers', ...BELT,
  'steadiness-mm', ...ANGLE, 'front-seat',
] // prettier-ignore

/** Usual edges; a mode or route may state its own (`staleEdges`), which then stand instead. */
export const UNPASSES: Record<Change, readonly CheckId[]> = {
  choice: CHECK_IDS,
  recline: [...LATCHES, ...LEG, ...TETHER, ...ANGLE, ...HEAD, 'front-seat'],
  connectors: RE_ATTACHED,
  base: RE_ATTACHED,
  legNotch: [...LEG, ...ANGLE, ...LATCHES, 'base-gap'],
  wedge: ['belt-locked', 'base-gap', 'steadiness-mm', ...LEG, ...ANGLE, 'front-seat'],
  tether: TETHER,
  vehicleHeadRestraint: TETHER,
  frontSeatGapMm: ['front-seat'],
  slideMm: RE_ATTACHED,
  insertsIn: ['strap-exit', 'slack-mm', 'slack-pinch', 'strap-pressure'],
  strapHeightMm: ['strap-exit', 'slack-mm', 'slack-pinch', 'strap-pressure', ...HEAD, 'guide-above-shoulder-mm', 'diagonal'],
  turned: ['turn-lock', 'side-pod', ...ANGLE, ...HARNESS, ...HEAD],
  harness: ['slack-mm', 'slack-pinch', 'strap-pressure', 'strap-twist', 'harness-buckle', 'coat', 'coat-hides-mm'],
  clothes: [...HARNESS, ...BOOSTER, ...HEAD],
  // The child came out with it, so what was seen on the child goes too.
  removed: CHECK_IDS,
} // prettier-ignore

export const CHANGE_TEXT: Record<Change, string> = {
  choice: 'another restraint, mode, place or route was chosen',
  recline: 'the recline was changed',
  legNotch: 'the leg was set to another notch',
  strapHeightMm: 'the strap height was changed',
  wedge: 'the wedge was changed',
  insertsIn: 'the inserts were changed',
  vehicleHeadRestraint: 'the vehicle head restraint was changed',
  frontSeatGapMm: 'the front seat was moved',
  slideMm: 'the shell was slid on its base',
  connectors: DISTURBANCES.connectors,
  base: DISTURBANCES.base,
  tether: DISTURBANCES.tether,
  turned: DISTURBANCES.turned,
  harness: DISTURBANCES.harness,
  clothes: DISTURBANCES.clothes,
  removed: DISTURBANCES.removed,
}

export interface StaleEdge {
  readonly change: string
  readonly unpasses: readonly string[]
}

interface Changes {
  readonly choiceAt: number
  readonly settings: Settings
  readonly disturbances: Disturbances
  /** Edges stated by the mode or route; one for a change replaces the usual one. */
  readonly ownEdges?: readonly StaleEdge[] | undefined
}
interface Configuration extends Changes {
  readonly readings: Readings
}

/** Every change that was made, the earliest first. */
function changesIn(c: Changes): readonly (readonly [Change, number])[] {
  const changedAt: [Change, number][] = [['choice', c.choiceAt]]
  for (const id of SETTING_IDS) {
    const at = c.settings[id]?.at
    if (at !== undefined) changedAt.push([id, at])
  }
  for (const id of DISTURBANCE_IDS) {
    const at = c.disturbances[id]?.at
    if (at !== undefined) changedAt.push([id, at])
  }
  return changedAt.sort((a, b) => a[1] - b[1])
}

/** What a change un-passes: the maker's own edges for it, or the usual ones. */
export function edgesOf(change: Change, ownEdges: readonly StaleEdge[] | undefined): readonly string[] {
  const own = change === 'choice' ? undefined : ownEdges?.filter((e) => e.change === change)
  return own?.length ? own.flatMap((e) => e.unpasses) : UNPASSES[change]
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
