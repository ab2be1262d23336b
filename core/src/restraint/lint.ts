import { formatNumber } from '../quantities/index.ts'
import { massRangeOf } from './groups.ts'
import { USUAL_STEP_IDS, type MakerStep } from './parts.ts'
import type { Mode, RestraintModel } from './restraint.ts'

/** One place where a catalogue entry contradicts its own regulation: the manual must be read again. */
export interface Lint {
  readonly modeId: string
  /** JSON path inside the model. */
  readonly path: string
  readonly message: string
}

/** Limits that the regulations set for what a maker may state. */
export const LINT_LIMITS = {
  r129ForwardFromCm: 76,
  r129ForwardFromMonths: 15,
  r129RearwardToCm: 83,
  r129BoosterFromCm: 100,
  cushionFromCm: 125,
  cushionFromKg: 22,
  cushionSinceYear: 2017,
  r44ForwardFromKg: 9,
} as const

interface Found {
  readonly path: string
  readonly message: string
}

function lintR129(mode: Mode, alsoForward: boolean): readonly (Found | false)[] {
  const from = mode.statureCm?.from ?? Infinity
  const to = mode.statureCm?.to ?? Infinity
  const isForwardIntegral = mode.direction === 'forward' && mode.heldBy !== 'vehicle-belt'
  const L = LINT_LIMITS
  return [
    isForwardIntegral &&
      from < L.r129ForwardFromCm && {
        path: 'statureCm.from',
        message: `forward from ${formatNumber(from)} cm; UN R129 allows it from ${L.r129ForwardFromCm} cm`,
      },
    isForwardIntegral &&
      mode.ageMonths?.from !== undefined &&
      mode.ageMonths.from < L.r129ForwardFromMonths && {
        path: 'ageMonths.from',
        message: `forward from ${formatNumber(mode.ageMonths.from)} months; UN R129 allows it over ${L.r129ForwardFromMonths} months`,
      },
    mode.direction === 'rearward' &&
      alsoForward &&
      to < L.r129RearwardToCm && {
        path: 'statureCm.to',
        message: `rearward ends at ${formatNumber(to)} cm; a restraint that also faces forward must reach ${L.r129RearwardToCm} cm`,
      },
    mode.shape === 'booster-seat' &&
      mode.heldBy === 'vehicle-belt' &&
      from < L.r129BoosterFromCm && {
        path: 'statureCm.from',
        message: `a booster from ${formatNumber(from)} cm; UN R129 allows it from ${L.r129BoosterFromCm} cm`,
      },
    mode.shape === 'booster-cushion' &&
      from < L.cushionFromCm && {
        path: 'statureCm.from',
        message: `a cushion from ${formatNumber(from)} cm; UN R129 allows it from ${L.cushionFromCm} cm`,
      },
  ]
}

function lintR44(mode: Mode): readonly (Found | false)[] {
  if (mode.approval.regulation !== 'R44') return []
  const { groups, approvedYear } = mode.approval
  const from = massRangeOf(mode).from ?? 0
  const L = LINT_LIMITS
  const isNewCushion =
    mode.shape === 'booster-cushion' && approvedYear !== undefined && approvedYear >= L.cushionSinceYear
  return [
    mode.direction === 'forward' &&
      from < L.r44ForwardFromKg && {
        path: mode.massKg === undefined ? 'approval.groups' : 'massKg.from',
        message: `forward from ${formatNumber(from)} kg; UN R44 allows it from ${L.r44ForwardFromKg} kg`,
      },
    mode.direction === 'forward' &&
      groups.every((g) => g === '0' || g === '0+') && {
        path: 'approval.groups',
        message: `group ${groups.join('/')} facing forward; groups 0 and 0+ are rearward or lateral`,
      },
    isNewCushion &&
      (mode.statureCm?.from ?? 0) < L.cushionFromCm && {
        path: 'statureCm.from',
        message: `a cushion approved in ${approvedYear} from less than ${L.cushionFromCm} cm; since ${L.cushionSinceYear} only from ${L.cushionFromCm} cm`,
      },
    isNewCushion &&
      from < L.cushionFromKg && {
        path: 'massKg.from',
        message: `a cushion approved in ${approvedYear} from ${formatNumber(from)} kg; since ${L.cushionSinceYear} only from ${L.cushionFromKg} kg`,
      },
  ]
}

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

const lintsByMode = new WeakMap<Mode, { readonly model: RestraintModel; readonly lints: readonly Lint[] }>()

/** Worked out once per mode: a whole shelf asks again and again. */
export function lintMode(model: RestraintModel, mode: Mode): readonly Lint[] {
  const known = lintsByMode.get(mode)
  if (known?.model === model) return known.lints
  const lints = findLints(model, mode)
  lintsByMode.set(mode, { model, lints })
  return lints
}

function findLints(model: RestraintModel, mode: Mode): readonly Lint[] {
  const alsoForward = model.modes.some((m) => m.direction === 'forward' && m.heldBy !== 'vehicle-belt')
  const own = mode.approval.regulation === 'R129' ? lintR129(mode, alsoForward) : lintR44(mode)
  const found = [...own, ...lintRoutes(mode), ...lintSteps(mode)]
  const index = model.modes.indexOf(mode)
  return found
    .filter((f) => f !== false)
    .map(({ path, message }) => ({ modeId: mode.id, path: `modes[${index}].${path}`, message }))
}

/** Everything in a model that contradicts the regulation it is approved to. */
export const lintModel = (model: RestraintModel): readonly Lint[] =>
  model.modes.flatMap((mode) => lintMode(model, mode))
