import { formatNumber } from '../quantities/index.ts'
import { lintR129, lintR44 } from './lint-approval.ts'
import type { Found } from './lint-found.ts'
import { USUAL_STEP_IDS, type MakerStep } from './parts.ts'
import type { Mode, RestraintModel } from './restraint.ts'
import * as msg from './messages.en.ts'

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
          message: msg.iSizeWithoutIsofixAnd,
        },
      route.scope === 'i-size' &&
        mode.approval.regulation === 'R44' && {
          path: `routes[${i}].scope`,
          message: msg.iSizeIsUnR129,
        },
      mode.approval.regulation === 'R44' &&
        holds &&
        route.scope === 'universal' &&
        !(isGroupOneForward && hasTether) && {
          path: `routes[${i}].scope`,
          message: msg.universalByIsofixUnderUn,
        },
      route.leg !== undefined &&
        route.leg.minLengthMm > route.leg.maxLengthMm && {
          path: `routes[${i}].leg.minLengthMm`,
          message: msg.theLegsShortestLengthMm(formatNumber(route.leg.minLengthMm)),
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
        ...(unknown === undefined ? [] : [{ path: `${path}.after`, message: msg.comesAfterWhichIsNo(unknown) }]),
        ...(step.replaces !== undefined && !(USUAL_STEP_IDS as readonly string[]).includes(step.replaces)
          ? [{ path: `${path}.replaces`, message: msg.replacesWhichIsNoUsual(step.replaces) }]
          : []),
        ...(step.pairWith !== undefined && (step.pairWith === step.id || !own.has(step.pairWith))
          ? [{ path: `${path}.pairWith`, message: msg.isPairedWithWhichIs(step.pairWith) }]
          : []),
        ...(waitsForItself(step, steps)
          ? [{ path: `${path}.after`, message: msg.waitsForItselfThroughThe(step.id) }]
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

type NamedRange = readonly [path: string, from: number | undefined, to: number | undefined]

/** Ranges that stand upside down: what the schema cannot see, since each end is a figure of its own. */
function lintRanges(mode: Mode): readonly (Found | false)[] {
  const adjuster = mode.strap?.adjuster
  const ranges: readonly NamedRange[] = [
    ...(adjuster && adjuster.kind !== 'slots' ? ([['strap.adjuster', adjuster.fromMm, adjuster.toMm]] as const) : []),
    ['beltGuideMm', mode.beltGuideMm?.fromMm, mode.beltGuideMm?.toMm],
    ...mode.routes.map((r, i): NamedRange => [`routes[${i}].topTether`, r.topTether?.minLengthMm, r.topTether?.maxLengthMm]),
  ]
  return ranges.map(
    ([path, from, to]) =>
      from !== undefined && to !== undefined && from > to && { path, message: msg.goesFromMmDownTo(formatNumber(from), formatNumber(to)) },
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
    return id !== undefined && { path, message: msg.standsTwice(id) }
  }
  return [
    doubled('reclines', (mode.reclines ?? []).map((r) => r.id)),
    doubled('inserts', (mode.inserts ?? []).map((r) => r.id)),
    doubled('strap.adjuster.heightsMm', heights),
    mode.shape.startsWith('booster') !== isBooster && {
      path: 'heldBy',
      message: isBooster ? msg.heldByTheVehiclesBelt : msg.aBoosterIsHeldBy,
    },
    isBooster && mode.direction !== 'forward' && { path: 'direction', message: msg.aBoosterFacesForward },
    mode.direction === 'lateral' && mode.shape !== 'lie-flat' && { path: 'shape', message: msg.liesAcrossAndIsNo },
    mode.headRule === 'ears-below-vehicle-head-restraint' &&
      !isBooster && { path: 'headRule', message: msg.onlyABoosterLeavesThe },
    mode.headRule === 'crown-inside' && isBooster && { path: 'headRule', message: msg.aBoosterHasNoShell },
    mode.strap?.gauge === 'head-support-lower-edge' &&
      mode.strap.gaugeAboveExitMm === undefined && {
        path: 'strap.gaugeAboveExitMm',
        message: msg.heightsAreReadAtThe,
      },
    mode.wedge?.allowed === true && mode.wedge.heightMm === 0 && { path: 'wedge.heightMm', message: msg.aWedgeOfNoHeight },
    ...(mode.inserts ?? []).map(
      (insert, i): Found | false =>
        (['massKg', 'statureCm', 'ageMonths'] as const).some((k) => {
          const [required, allowed] = [insert.requiredUntil?.[k], insert.allowedUntil?.[k]]
          return required !== undefined && allowed !== undefined && required > allowed
        }) && { path: `inserts[${i}].requiredUntil`, message: msg.isRequiredForLongerThan(insert.name) },
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
      stranger !== undefined && at('permittedReclines', msg.isNoReclineOfThis(stranger)),
      lock === 'free' && !isBooster && at('belt.lock', msg.aBeltThatHoldsThe),
      isBooster &&
        lock !== undefined &&
        lock !== 'free' &&
        lock !== 'switchable-retractor' &&
        at('belt.lock', msg.theBeltThatHoldsA),
      route.isofix?.role === 'holds' && isBooster && at('isofix.role', msg.connectorsOnlySteadyABooster),
      route.isofix?.role === 'steadies' &&
        !isBooster &&
        route.belt === undefined &&
        at('isofix.role', msg.connectorsThatOnlySteadyLeave),
      isAcross && mode.direction !== 'lateral' && at('seatsTaken', msg.twoPlacesAndItDoes),
      mode.direction === 'lateral' && route.seatsTaken === 1 && at('seatsTaken', msg.liesAcrossOnePlace),
      ...(route.belt?.path ?? []).map(
        (guide, j): Found | false =>
          (guide.place !== undefined) !== isAcross &&
          at(
            `belt.path[${j}].place`,
            isAcross ? msg.whichOfTheTwoPlaces : msg.namesOneOfTwoPlaces,
          ),
      ),
      route.usesBase === true &&
        (model.parts?.length ?? 0) > 0 &&
        !model.parts?.some((p) => p.isBase ?? p.id === 'base') &&
        at('usesBase', msg.goesOnABaseAnd),
      twice((route.approvedPlaces ?? []).map((a) => a.vehicleId)) !== undefined &&
        at('approvedPlaces', msg.namesACarTwice),
      ...(route.steps ?? []).map(
        (step, j): Found | false =>
          step.replaces !== undefined &&
          (USUAL_STEP_IDS as readonly string[]).includes(step.replaces) &&
          !hasStep(step.replaces, mode, route) &&
          at(`steps[${j}].replaces`, msg.standsInsteadOfWhichThis(step.replaces)),
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
  if (new Set(modes.map((m) => m.direction)).size === 1) return [{ path, message: msg.saysHowItsDirectionIs }]
  const turns = modes.some((m) => m.turns !== undefined)
  if (turns !== (directionChange === 'turns-on-base'))
    return [{ path, message: turns ? msg.aModeOfItTurns : msg.turnsOnItsBaseAnd }]
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
      if (stranger !== undefined) return [{ path: `conversions[${i}]`, message: msg.isNoModeOfThis(stranger) }]
      return from === to ? [{ path: `conversions[${i}].to`, message: msg.convertsAModeToItself }] : []
    }),
    ...(madeFrom !== undefined && madeUntil !== undefined && madeFrom > madeUntil
      ? [
          {
            path: 'variant.madeFrom',
            message: msg.fromUntilTheDaysStand(madeFrom, madeUntil),
          },
        ]
      : []),
  ]
}
