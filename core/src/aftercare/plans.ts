import type { Mode, MakerStep, RestraintModel, RestraintUnit, Route } from '../restraint/index.ts'
import { isIntegral, keepsDirection, lifeEnd, stepPairs } from '../restraint/index.ts'
import type { SeatingPosition } from '../vehicle/index.ts'
import * as ends from './checks.ts'
import { JOB_TITLE, type JobCheck, type JobKind, type JobPlan, type JobStep } from './job.ts'

/** What a job is generated from; only what its kind needs is looked at. */
export interface JobContext {
  readonly model: RestraintModel
  readonly unit?: RestraintUnit | undefined
  readonly mode?: Mode | undefined
  readonly toMode?: Mode | undefined
  readonly route?: Route | undefined
  readonly position?: SeatingPosition | undefined
}

/** Steps in the order listed; a line that does not apply here is left out. */
const listed = (lines: readonly (readonly [id: string, text: string | false | undefined, pairedWith?: string])[]): readonly JobStep[] =>
  lines.flatMap(([id, text, pairedWith]) =>
    typeof text === 'string' ? [{ id, text, ...(pairedWith !== undefined && { pairedWith }) }] : [],
  ) // prettier-ignore

function takeOut({ mode, route, position }: JobContext): readonly JobStep[] {
  const hasTether = route?.topTether !== undefined
  const { belt, isofix } = route ?? {}
  const isIntegral = mode?.heldBy !== 'vehicle-belt'
  return listed([
    ['child-out', 'The child is out, with a hand on the door side of the car.'],
    ['tether-off', hasTether && 'Slacken the top tether, unhook it, and stow the strap.'],
    ['lower-tethers-off', route?.lowerTethers !== undefined && 'Slacken both lower tethers and unhook them from their points.'],
    ['shell-off', route?.usesBase === true && 'Lift the shell off its base.'],
    ['leg-up', route?.leg !== undefined && 'Fold the leg up.'],
    ['connectors-off', isofix !== undefined && 'Release each connector until its indicator shows open.'],
    ['arms-in', isofix?.connectors === 'rigid' && 'Stow the connector arms, so that they scratch nobody.'],
    ['lock-open', belt !== undefined && isIntegral && belt.lock.kind === 'lock-off' && 'Open the lock-off.'],
    ['clip-off', belt?.lock.kind === 'locking-clip' && 'Take the locking clip off the belt.'],
    ['belt-back', belt !== undefined && 'Unbuckle and let the belt back by hand; a switched retractor must be let in all the way.'],
    ['clip-in-bag', belt?.lock.kind === 'locking-clip' && 'Put the loose clip in its bag, with the restraint.', 'clip-off'],
    ['lift-out', 'Lift the restraint out.'],
    ['head-restraint-on', position?.headRestraint !== 'none' && 'Put the vehicle head restraint back on, at its height.'],
    ['front-seat-back', position !== undefined && position.row > 1 && 'Set the seat in front back as it was found.'],
    ['airbag-on', position?.frontAirbag === 'can-be-switched-off' && 'Switch the passenger airbag on again, and see its lamp.'],
  ]) // prettier-ignore
}

/** Usual steps from one mode to another, where the maker's own are not in the catalogue. */
function convert({ model, mode, toMode }: JobContext): readonly JobStep[] {
  const isBooster = (m: Mode | undefined): boolean => m?.heldBy === 'vehicle-belt'
  const harnessAway = !isBooster(mode) && isBooster(toMode)
  const harnessBack = isBooster(mode) && !isBooster(toMode)
  const turns = mode?.direction !== toMode?.direction
  return listed([
    ['manual', `Open the manual at “${toMode?.label ?? 'the new mode'}”: its order comes before this one.`],
    ['out-of-car', 'Take the restraint out of the car, or unlatch it, as the manual asks.'],
    ['loosen', harnessAway && 'Let the harness out fully and unbuckle it.'],
    ['inserts', (mode?.inserts?.length ?? 0) > 0 && harnessAway && 'Take every insert out.'],
    ['unthread', harnessAway && 'Take the straps off as far as the manual says; note which slot each came from.'],
    ['stow', harnessAway && 'Stow straps, tongues, buckle and crotch strap where the manual shows.'],
    ['bag', harnessAway && 'What came off goes into its bag, with the manual.', 'unthread'],
    ['head-up', harnessAway && 'Raise the head support to the booster’s range.'],
    ['fetch', harnessBack && 'Fetch straps, buckle and crotch strap from the bag and lay them out.'],
    ['thread', harnessBack && 'Thread each strap through its slot and over every bar, from the front to the back, both sides alike.'],
    ['hang', harnessBack && 'Hook both straps on the yoke at the back, flat.', 'fetch'],
    ['crotch', harnessBack && 'Put the crotch strap through its slot and turn its plate flat underneath.'],
    ['turn', turns && keepsDirection(model) === 'no' && `Turn the shell ${toMode?.direction ?? 'round'}, until it locks; set the guard where there is one.`],
    ['set-round', turns && keepsDirection(model) !== 'no' && `Set it ${toMode?.direction ?? 'round'}: lifted off its base or fitted anew, as the manual shows.`],
    ['recline', turns && 'Set a recline that the new direction permits.'],
    ['straps', turns && !isBooster(toMode) && 'Set the straps by the rule of the new direction.'],
    ['path', turns && 'Forget the old belt path or leg: the new direction has its own.'],
  ]) // prettier-ignore
}

const WASH = listed([
  ['photo', 'Photograph the straps at front and back, as they run now.'],
  ['let-out', 'Let the harness out fully; unhook it at the back.'],
  ['unthread', 'Draw straps and crotch strap out of the cover’s slots.'],
  ['cover-off', 'Unhook the cover, from the edge to the middle; leave foam in place.'],
  ['wash', 'Wash as its label says, commonly 30 °C and no dryer. Straps are only wiped, with water.'],
  ['dry', 'Dry it fully, away from the sun.'],
  ['cover-on', 'Put the cover back, from the middle to the edge, foam beneath it.', 'cover-off'],
  ['thread', 'Thread straps and crotch strap back through cover, foam and shell, both sides alike.', 'unthread'],
  ['hook', 'Hook both straps on at the back, flat.', 'let-out'],
])
const TWISTED = listed([
  ['loosen', 'Let the strap out fully.'],
  ['fold', 'Fold the strap to a triangle just above the tongue, where the turn is.'],
  ['slide', 'Slide the tongue back over the fold, and pull the strap flat.'],
  ['tighten', 'Tighten again.', 'loosen'],
])
const BUCKLE = listed([
  ['shake', 'Turn the restraint over and shake out crumbs.'],
  ['rinse', 'Rinse the buckle with plain warm water; press the button while it runs. No oil, no soap.'],
  ['dry', 'Dry it fully.'],
])
const CRASH = listed([
  ['child-first', 'See to the child first; no restraint is looked at before that.'],
  ['out', 'Take the restraint out of the car and out of use.'],
  ['keep', 'Keep it with its label: an insurer may ask for it.'],
  ['mark', 'Mark it “crashed, not to be used” and set it apart.'],
])
const EMPTY = listed([
  ['buckle', 'Buckle the empty booster in with the car’s belt, or latch it on its connectors.'],
  ['pull', 'Pull at it once.'],
])

/** What must come back with a restraint; the parts that the catalogue names, and what comes with every one. */
export function partsToCount({ model }: { readonly model: RestraintModel }): readonly string[] {
  const inserts = new Set(model.modes.flatMap((m) => m.inserts ?? []).map((i) => i.name))
  const hasWedge = model.modes.some((m) => m.wedge?.allowed)
  const hasClip = model.modes.some((m) => m.routes.some((r) => r.belt?.lock.kind === 'locking-clip'))
  return [
    ...(model.parts ?? []).map((p) => p.name),
    ...inserts,
    ...(hasWedge ? ['Wedge'] : []),
    ...(hasClip ? ['Locking clip in its bag'] : []),
    'Manual',
    'Label that can be read',
  ]
}

function handBack(context: JobContext): readonly JobStep[] {
  const end = lifeEnd({ unit: context.unit, model: context.model })
  return listed([
    ['shake', 'Shake out crumbs; wipe shell and straps with plain water.'],
    ['count', `Count the parts: ${partsToCount(context).join(', ').replace(/, ([^,]*)$/, ' and $1')}.`],
    ['loosen', 'Let the harness out and lay it in the seat, so that the next one begins fresh.'],
    ['due', end === undefined ? 'Read on the label when it was made, and write it in the catalogue.' : `Its life ends on ${end}: is that still ahead?`],
    ['shelf', 'Put it on its place on the shelf.'],
  ]) // prettier-ignore
}

const isHarnessed = (mode: Mode | undefined): boolean => mode?.heldBy === 'harness'

function checksAfterConvert({ mode, toMode }: JobContext): readonly JobCheck[] {
  return [
    ...(mode?.direction === toMode?.direction ? [] : [ends.DIRECTION_SET]),
    ...(isHarnessed(toMode) ? [ends.RETHREADED, ends.BUCKLE_HOLDS, ends.ADJUSTER_HOLDS] : [ends.HARNESS_AWAY]),
    ends.ALL_PARTS_BACK,
  ]
}

const fromMaker = (steps: readonly MakerStep[]): readonly JobStep[] => {
  const pairs = stepPairs(steps)
  return steps.map((s): JobStep => {
    const first = pairs.find((p) => p.second.id === s.id)?.first
    return { id: s.id, text: s.text, ...(s.proof && { proof: s.proof.what }), ...(first && { pairedWith: first.id }) }
  })
}

/** The maker's own steps between two modes, where the catalogue has them. */
const makersConversion = ({ model, mode, toMode }: JobContext): readonly JobStep[] | undefined => {
  const own = model.conversions?.find((c) => c.from === mode?.id && c.to === toMode?.id)
  return own && fromMaker(own.steps)
}

/** The job for one restraint: its steps in order, and the checks that it ends in. */
export function planJob(kind: JobKind, context: JobContext): JobPlan {
  const plan = (holdsUnit: boolean, steps: readonly JobStep[], checks: readonly JobCheck[], title = JOB_TITLE[kind], byMaker = false): JobPlan =>
    ({ kind, title, byMaker, holdsUnit, steps, checks }) // prettier-ignore
  switch (kind) {
    case 'take-out':
      return plan(false, takeOut(context), [ends.CAR_AS_FOUND])
    case 'convert': {
      const makers = makersConversion(context)
      const title = `Convert it: ${context.mode?.label ?? 'as it is'} to ${context.toMode?.label ?? 'another mode'}`
      const { mode, toMode } = context
      const changes = mode !== undefined && toMode !== undefined && isIntegral(mode) !== isIntegral(toMode)
      return {
        ...plan(true, makers ?? convert(context), checksAfterConvert(context), title, makers !== undefined),
        ...(changes && { leavesHarness: isIntegral(toMode) ? ('in' as const) : ('stowed' as const) }),
        ...(toMode &&
          mode?.direction !== toMode.direction &&
          keepsDirection(context.model) !== 'no' && { leavesDirection: toMode.direction }),
      }
    }
    case 'insert-out': {
      const names = (context.mode?.inserts ?? []).map((i) => i.name).join(', ')
      return plan(
        true,
        listed([
          ['which', `Look up in the manual which piece is due, and its order${names === '' ? '' : ` (${names})`}.`],
          ['loosen', 'Let the harness out and unbuckle it.'],
          ['take', 'Take the piece out from under the straps; nothing else comes out with it.'],
          ['store', 'Put it in its bag: the next newborn needs it.'],
          ['straps', 'Set the strap height anew: the child sits lower now.'],
        ]),
        [ends.INSERT_STORED, ...(isHarnessed(context.mode) ? [ends.RETHREADED] : [])],
      )
    }
    case 'wash':
      return plan(true, WASH, [ends.RETHREADED, ends.BUCKLE_HOLDS, ends.ADJUSTER_HOLDS, ends.ALL_PARTS_BACK])
    case 'twisted-strap':
      return plan(true, TWISTED, [ends.STRAP_FLAT])
    case 'sticky-buckle':
      return plan(true, BUCKLE, [ends.BUCKLE_HOLDS])
    case 'after-crash':
      return plan(true, CRASH, [ends.MARKED_UNFIT])
    case 'empty-booster':
      return plan(false, EMPTY, [ends.EMPTY_HELD])
    case 'hand-back':
      return plan(true, handBack(context), [ends.CLEAN, ends.SOUND, ends.PARTS_COUNTED])
  }
}

/** Which jobs make sense for a restraint, in the order that they are usually needed. */
export function jobsFor({ model, mode, route }: JobContext): readonly JobKind[] {
  const harnessed = model.modes.some((m) => m.heldBy === 'harness')
  const hasInserts = model.modes.some((m) => (m.inserts ?? []).length > 0)
  const isBooster = model.modes.some((m) => m.heldBy === 'vehicle-belt')
  return [
    ...(mode && route ? (['take-out'] as const) : []),
    ...(model.modes.length > 1 ? (['convert'] as const) : []),
    ...(hasInserts ? (['insert-out'] as const) : []),
    ...(harnessed ? (['wash', 'twisted-strap', 'sticky-buckle'] as const) : []),
    ...(isBooster ? (['empty-booster'] as const) : []),
    'hand-back',
    'after-crash',
  ]
}
