import { formatNumber } from '../quantities/index.ts'
import { lintR129, lintR44 } from './lint-approval.ts'
import type { Found } from './lint-found.ts'
import { USUAL_STEP_IDS, type MakerStep } from './parts.ts'
import type { Mode, RestraintModel } from './restraint.ts'

/** What the scope of a route promises, and what the route must then have. */
function lintRoutes(mode: Mode): readonly (Found | false)[] {
  return mode.routes.flatMap((route, i) => {
    const holds = route.isofix?.role === 'holds'
    const hasTether = route.topTether?.use === 'required'
    const isGroupOneForward =
      mode.approval.regulation === 'R44' && mode.approval.groups.includes('I') && mode.direction === 'forward'
    return [
      route.scope === 'i-size' &&
        mode.heldBy !== 'vehicle-belt' &&
        !(holds && (route.leg !== undefined || hasTether)) && {
          path: `routes[${i}].scope`,
          message: 'i-Size without ISOFIX and a leg or a required top tether',
        },
      route.scope === 'i-size' &&
        mode.approval.regulation === 'R44' && {
          path: `routes[${i}].scope`,
          message: 'i-Size is UN R129; this mode is approved to UN R44',
        },
      mode.approval.regulation === 'R44' &&
        holds &&
        route.scope === 'universal' &&
        !(isGroupOneForward && hasTether) && {
          path: `routes[${i}].scope`,
          message: 'universal by ISOFIX under UN R44 is group I forward with a required top tether only',
        },
      route.leg !== undefined &&
        route.leg.minLengthMm > route.leg.maxLengthMm && {
          path: `routes[${i}].leg.minLengthMm`,
          message: `the leg’s shortest length, ${formatNumber(route.leg.minLengthMm)} mm, is above its longest`,
        },
    ]
  })
}

/** Steps that name what is not there, or wait for one another. */
function lintSteps(mode: Mode): readonly Found[] {
  return mode.routes.flatMap((route, i) => {
    const steps = route.steps ?? []
    const own = new Set(steps.map((s) => s.id))
    const isKnown = (id: string): boolean => own.has(id) || (USUAL_STEP_IDS as readonly string[]).includes(id)
    return steps.flatMap((step, j): Found[] => {
      const path = `routes[${i}].steps[${j}]`
      const unknown = (step.after ?? []).find((id) => !isKnown(id))
      return [
        ...(unknown === undefined ? [] : [{ path: `${path}.after`, message: `comes after "${unknown}", which is no step` }]),
        ...(step.replaces !== undefined && !(USUAL_STEP_IDS as readonly string[]).includes(step.replaces)
          ? [{ path: `${path}.replaces`, message: `replaces "${step.replaces}", which is no usual step` }]
          : []),
        ...(step.pairWith !== undefined && (step.pairWith === step.id || !own.has(step.pairWith))
          ? [{ path: `${path}.pairWith`, message: `is paired with "${step.pairWith}", which is no other step of this route` }]
          : []),
        ...(waitsForItself(step, steps)
          ? [{ path: `${path}.after`, message: `"${step.id}" waits for itself, through the steps it comes after` }]
          : []),
      ]
    })
  })
} // prettier-ignore

function waitsForItself(step: MakerStep, steps: readonly MakerStep[]): boolean {
  const seen = new Set<string>()
  const look = [...(step.after ?? [])]
  for (let id = look.pop(); id !== undefined; id = look.pop()) {
    if (id === step.id) return true
    if (seen.has(id)) continue
    seen.add(id)
    look.push(...(steps.find((s) => s.id === id)?.after ?? []))
  }
  return false
}

type Range = readonly [path: string, from: number | undefined, to: number | undefined]

/** Ranges that stand upside down: what the schema cannot see, since each end is a figure of its own. */
function lintRanges(mode: Mode): readonly (Found | false)[] {
  const adjuster = mode.strap?.adjuster
  const ranges: readonly Range[] = [
    ...(adjuster && adjuster.kind !== 'slots' ? ([['strap.adjuster', adjuster.fromMm, adjuster.toMm]] as const) : []),
    ['beltGuideMm', mode.beltGuideMm?.fromMm, mode.beltGuideMm?.toMm],
    ...mode.routes.map((r, i): Range => [`routes[${i}].topTether`, r.topTether?.minLengthMm, r.topTether?.maxLengthMm]),
  ]
  return ranges.map(
    ([path, from, to]) =>
      from !== undefined && to !== undefined && from > to && { path, message: `goes from ${formatNumber(from)} mm down to ${formatNumber(to)} mm` },
  )
} // prettier-ignore

const twice = (ids: readonly (string | number)[]): string | number | undefined =>
  ids.find((id, i) => ids.indexOf(id) !== i)

/** Parts of a mode that cannot be so together. */
function lintParts(mode: Mode): readonly (Found | false)[] {
  const isBooster = mode.heldBy === 'vehicle-belt'
  const heights = mode.strap?.adjuster.kind === 'slots' ? mode.strap.adjuster.heightsMm : []
  const doubled = (path: string, ids: readonly (string | number)[]): Found | false => {
    const id = twice(ids)
    return id !== undefined && { path, message: `"${id}" stands twice` }
  }
  return [
    doubled('reclines', (mode.reclines ?? []).map((r) => r.id)),
    doubled('inserts', (mode.inserts ?? []).map((r) => r.id)),
    doubled('strap.adjuster.heightsMm', heights),
    mode.shape.startsWith('booster') !== isBooster && {
      path: 'heldBy',
      message: isBooster ? 'held by the vehicle’s belt, and no booster' : 'a booster is held by the vehicle’s belt',
    },
    isBooster && mode.direction !== 'forward' && { path: 'direction', message: 'a booster faces forward' },
    mode.direction === 'lateral' && mode.shape !== 'lie-flat' && { path: 'shape', message: 'lies across, and is no lie-flat' },
    mode.headRule === 'ears-below-vehicle-head-restraint' &&
      !isBooster && { path: 'headRule', message: 'only a booster leaves the head to the vehicle’s head restraint' },
    mode.headRule === 'crown-inside' && isBooster && { path: 'headRule', message: 'a booster has no shell for the crown' },
    mode.strap?.gauge === 'head-support-lower-edge' &&
      mode.strap.gaugeAboveExitMm === undefined && {
        path: 'strap.gaugeAboveExitMm',
        message: 'heights are read at the head support’s lower edge; how far that stands above the straps is missing',
      },
    mode.wedge?.allowed === true && mode.wedge.heightMm === 0 && { path: 'wedge.heightMm', message: 'a wedge of no height' },
    ...(mode.inserts ?? []).map(
      (insert, i): Found | false =>
        (['massKg', 'statureCm', 'ageMonths'] as const).some((k) => {
          const [required, allowed] = [insert.requiredUntil?.[k], insert.allowedUntil?.[k]]
          return required !== undefined && allowed !== undefined && required > allowed
        }) && { path: `inserts[${i}].requiredUntil`, message: `${insert.name} is required for longer than it is allowed` },
    ),
  ]
} // prettier-ignore

/** What a usual step needs the route or mode to have: a maker's step cannot stand instead of one that is not there. */
function hasStep(id: string, mode: Mode, route: Mode['routes'][number]): boolean {
  const isBooster = mode.heldBy === 'vehicle-belt'
  switch (id) {
    case 'connect':
      return route.isofix !== undefined
    case 'push-home':
      return route.isofix?.connectors === 'rigid' || route.reboundBar !== undefined
    case 'base-gap':
      return route.isofix?.role === 'holds' && !isBooster
    case 'thread-belt':
    case 'lock-belt':
      return route.belt !== undefined && !isBooster
    case 'leg':
      return route.leg !== undefined
    case 'tether':
      return route.topTether !== undefined
    case 'lower-tethers':
      return route.lowerTethers !== undefined
    case 'set-on-seat':
      return isBooster && route.isofix === undefined
    case 'shell':
      return route.usesBase === true || mode.carryHandle !== undefined
    case 'lie-across':
      return mode.direction === 'lateral'
    case 'front-seat':
      return mode.direction === 'rearward'
    case 'proof':
    case 'buckle':
    case 'coat-test':
      return !isBooster
    case 'belt-child':
    case 'knees':
      return isBooster
    case 'turn-and-lock':
      return mode.turns !== undefined || mode.sidePod === true
    default:
      return true
  }
}

/** Parts of a route that cannot be so together, or name what is not there. */
function lintRouteParts(model: RestraintModel, mode: Mode): readonly (Found | false)[] {
  const isBooster = mode.heldBy === 'vehicle-belt'
  const reclines = new Set((mode.reclines ?? []).map((r) => r.id))
  return mode.routes.flatMap((route, i): readonly (Found | false)[] => {
    const at = (path: string, message: string): Found => ({ path: `routes[${i}].${path}`, message })
    const lock = route.belt?.lock.kind
    const stranger = route.permittedReclines?.find((id) => !reclines.has(id))
    const isAcross = route.seatsTaken === 2
    return [
      stranger !== undefined && at('permittedReclines', `"${stranger}" is no recline of this mode`),
      lock === 'free' && !isBooster && at('belt.lock', 'a belt that holds the restraint cannot be left free to run'),
      isBooster &&
        lock !== undefined &&
        lock !== 'free' &&
        lock !== 'switchable-retractor' &&
        at('belt.lock', 'the belt that holds a child on a booster runs free'),
      route.isofix?.role === 'holds' && isBooster && at('isofix.role', 'connectors only steady a booster'),
      route.isofix?.role === 'steadies' &&
        !isBooster &&
        route.belt === undefined &&
        at('isofix.role', 'connectors that only steady leave a restraint with its own harness unheld'),
      isAcross && mode.direction !== 'lateral' && at('seatsTaken', 'two places, and it does not lie across'),
      mode.direction === 'lateral' && route.seatsTaken === 1 && at('seatsTaken', 'lies across one place'),
      ...(route.belt?.path ?? []).map(
        (guide, j): Found | false =>
          (guide.place !== undefined) !== isAcross &&
          at(
            `belt.path[${j}].place`,
            isAcross ? 'which of the two places this belt belongs to is missing' : 'names one of two places; there is one',
          ),
      ),
      route.usesBase === true &&
        (model.parts?.length ?? 0) > 0 &&
        !model.parts?.some((p) => p.isBase ?? p.id === 'base') &&
        at('usesBase', 'goes on a base, and none of the parts is one'),
      twice((route.approvedPlaces ?? []).map((a) => a.vehicleId)) !== undefined &&
        at('approvedPlaces', 'names a car twice'),
      ...(route.steps ?? []).map(
        (step, j): Found | false =>
          step.replaces !== undefined &&
          (USUAL_STEP_IDS as readonly string[]).includes(step.replaces) &&
          !hasStep(step.replaces, mode, route) &&
          at(`steps[${j}].replaces`, `stands instead of "${step.replaces}", which this route does not have`),
      ),
    ]
  })
} // prettier-ignore

/** Everything in one mode that contradicts the regulation it is approved to, or itself; paths inside the mode. */
export function lintModeParts(model: RestraintModel, mode: Mode): readonly Found[] {
  const alsoForward = model.modes.some((m) => m.direction === 'forward' && m.heldBy !== 'vehicle-belt')
  const own = mode.approval.regulation === 'R129' ? lintR129(mode, alsoForward) : lintR44(mode)
  const found = [
    ...own,
    ...lintRoutes(mode),
    ...lintSteps(mode),
    ...lintRanges(mode),
    ...lintParts(mode),
    ...lintRouteParts(model, mode),
  ]
  return found.filter((f) => f !== false)
}

/** How the direction is changed, where it contradicts what the modes say. */
function lintDirectionChange({ directionChange, modes }: RestraintModel): readonly Found[] {
  const path = 'directionChange'
  if (directionChange === undefined) return []
  if (new Set(modes.map((m) => m.direction)).size === 1)
    return [{ path, message: 'says how its direction is changed, and it has only one' }]
  const turns = modes.some((m) => m.turns !== undefined)
  if (turns !== (directionChange === 'turns-on-base'))
    return [
      { path, message: turns ? 'a mode of it turns on its base' : 'turns on its base, and no mode says how it locks' },
    ]
  return []
}

/** What a model says wrongly beside its modes; paths inside the model. */
export function lintModelParts(model: RestraintModel): readonly Found[] {
  const ids = new Set(model.modes.map((m) => m.id))
  const { madeFrom, madeUntil } = model.variant ?? {}
  return [
    ...lintDirectionChange(model),
    ...(model.conversions ?? []).flatMap(({ from, to }, i): readonly Found[] => {
      const stranger = [from, to].find((id) => !ids.has(id))
      if (stranger !== undefined)
        return [{ path: `conversions[${i}]`, message: `"${stranger}" is no mode of this restraint` }]
      return from === to ? [{ path: `conversions[${i}].to`, message: 'converts a mode to itself' }] : []
    }),
    ...(madeFrom !== undefined && madeUntil !== undefined && madeFrom > madeUntil
      ? [
          {
            path: 'variant.madeFrom',
            message: `from ${madeFrom} until ${madeUntil}: the days stand the wrong way round`,
          },
        ]
      : []),
  ]
}
