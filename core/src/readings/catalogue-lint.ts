import { oncePer } from '../ground/index.ts'
import {
  lintModelParts,
  lintModeParts,
  USUAL_STEP_IDS,
  type Found,
  type Lint,
  type Mode,
  type RestraintModel,
} from '../restraint/index.ts'
import { CHECK_IDS } from '../checks/index.ts'
import { DISTURBANCE_IDS, SETTING_IDS } from './schema.ts'
import type { NamedChange, StaleEdge } from './staleness.ts'
import * as msg from './messages.en.ts'

/** What an edge may be about; a choice, a removal or another child is no maker's to take back. */
export const MAKER_CHANGES: readonly NamedChange[] = [...SETTING_IDS, ...DISTURBANCE_IDS].filter(
  (id) => id !== 'removed' && id !== 'child' && id !== 'left',
)
const CHANGES: ReadonlySet<string> = new Set(MAKER_CHANGES)
const CHECKS: ReadonlySet<string> = new Set(CHECK_IDS)
const STEPS: ReadonlySet<string> = new Set(USUAL_STEP_IDS)

/** An edge that names no change or no check would silently switch the usual edges off. */
function lintEdges(edges: readonly StaleEdge[] | undefined, path: string, own: ReadonlySet<string>): readonly Found[] {
  return (edges ?? []).flatMap((edge, i): readonly Found[] => [
    ...(CHANGES.has(edge.change) ? [] : [{ path: `${path}[${i}].change`, message: msg.isNoChangeThatA(edge.change) }]),
    ...edge.unpasses.flatMap((id, j): readonly Found[] =>
      CHECKS.has(id) || STEPS.has(id) || own.has(id)
        ? []
        : [{ path: `${path}[${i}].unpasses[${j}]`, message: msg.isNoCheckAndNo(id) }],
    ),
  ])
}

function lintAllEdges(mode: Mode): readonly Found[] {
  const own = new Set(mode.routes.flatMap((r) => (r.steps ?? []).map((s) => s.id)))
  return [
    ...lintEdges(mode.staleEdges, 'staleEdges', own),
    ...mode.routes.flatMap((r, i) => lintEdges(r.staleEdges, `routes[${i}].staleEdges`, own)),
  ]
}

/** Lints of each entry's modes, kept: a whole shelf asks again and again. */
const lintsOf = oncePer((_model: RestraintModel) => new Map<Mode, readonly Lint[]>())

/** What is wrong with one mode of an entry. */
export function lintMode(model: RestraintModel, mode: Mode): readonly Lint[] {
  const known = lintsOf(model).get(mode)
  if (known) return known
  const index = model.modes.indexOf(mode)
  const lints = [...lintModeParts(model, mode), ...lintAllEdges(mode)].map(({ path, message }): Lint => ({
    modeId: mode.id,
    path: `modes[${index}].${path}`,
    message,
  }))
  lintsOf(model).set(mode, lints)
  return lints
}

/** Everything in a model that contradicts its regulation, or itself, with its path. */
export const lintModel = (model: RestraintModel): readonly Lint[] => [
  ...model.modes.flatMap((mode) => lintMode(model, mode)),
  ...lintModelParts(model).map(({ path, message }): Lint => ({ modeId: '', path, message })),
]
