import { every, some, type Decision } from '../quantities/index.ts'
import type { Mode, RestraintModel, RestraintUnit, Route } from '../restraint/index.ts'
import { severityOf, type ModeSubject, type Need, type RawFinding } from '../rules/index.ts'
import { decide, evaluate, worstFirst } from './evaluate.ts'
import { childSide, modeSubject, type Circumstances } from './subjects.ts'

/** One thing that could be taken off the shelf; a model without a unit is in the catalogue only. */
export interface StockItem {
  readonly model: RestraintModel
  readonly unit?: RestraintUnit | undefined
}

export interface RouteMatch {
  readonly route: Route
  readonly decision: Decision
  readonly findings: readonly RawFinding[]
}

export interface ModeMatch {
  readonly model: RestraintModel
  readonly unit?: RestraintUnit | undefined
  readonly mode: Mode
  /** Whether the child may use the mode by at least one of its routes. */
  readonly decision: Decision
  /** Mode rules and the best route's, worst first. */
  readonly findings: readonly RawFinding[]
  readonly routes: readonly RouteMatch[]
  /** The finding that decided: the worst one, or the pass with the least room. */
  readonly deciding: RawFinding | undefined
  /** Permitted, but the practice profile advises otherwise. */
  readonly isAdvisedAgainst: boolean
}

const ROUTE_RANK = { pass: 0, undecided: 1, fail: 2 } as const satisfies Record<Decision, number>

/** Room left relative to the limit, so that 0.4 kg of 18 and 2 cm of 105 can be compared. */
const relativeMargin = ({ outcome }: RawFinding): number =>
  outcome.margin === undefined || !outcome.limit ? Infinity : outcome.margin / outcome.limit

function decidingOf(findings: readonly RawFinding[]): RawFinding | undefined {
  const [worst] = findings
  if (worst && worst.outcome.kind !== 'pass') return worst
  return findings.toSorted((a, b) => relativeMargin(a) - relativeMargin(b))[0]
}

function matchOne(subject: ModeSubject): ModeMatch {
  const own = evaluate('mode', subject)
  const routes = subject.mode.routes
    .map((route): RouteMatch => {
      const findings = evaluate('route', { ...subject, route })
      return { route, findings, decision: decide(findings) }
    })
    .toSorted((a, b) => ROUTE_RANK[a.decision] - ROUTE_RANK[b.decision])
  const findings = [...own, ...(routes[0]?.findings ?? [])].toSorted(worstFirst)
  const decision = every([decide(own), some(routes.map((r) => r.decision))])
  return {
    model: subject.model,
    unit: subject.unit,
    mode: subject.mode,
    decision,
    findings,
    routes,
    deciding: decidingOf(findings),
    isAdvisedAgainst:
      decision !== 'fail' && findings.some((f) => severityOf(f) === 'advise' && f.outcome.kind === 'fail'),
  }
}

const MATCH_RANK = { pass: 0, undecided: 1, fail: 2 } as const satisfies Record<Decision, number>
const DIRECTION_RANK = { lateral: 0, rearward: 0, forward: 1 } as const

/** Permitted first; among those what the profile does not advise against, rearward, and roomiest first. */
function byPreference(a: ModeMatch, b: ModeMatch): number {
  const room = (m: ModeMatch) => Math.min(...m.findings.map(relativeMargin))
  return (
    MATCH_RANK[a.decision] - MATCH_RANK[b.decision] ||
    Number(a.isAdvisedAgainst) - Number(b.isAdvisedAgainst) ||
    DIRECTION_RANK[a.mode.direction] - DIRECTION_RANK[b.mode.direction] ||
    (a.mode.heldBy === 'vehicle-belt' ? 1 : 0) - (b.mode.heldBy === 'vehicle-belt' ? 1 : 0) ||
    (room(a) === room(b) ? 0 : room(b) - room(a)) ||
    a.model.id.localeCompare(b.model.id) ||
    a.mode.id.localeCompare(b.mode.id)
  )
}

/** Every mode of the stock against one child, best first. */
export function matchModes(circumstances: Circumstances, stock: readonly StockItem[]): readonly ModeMatch[] {
  const side = childSide(circumstances)
  const subjects = stock.flatMap(({ model, unit }) => model.modes.map((mode) => modeSubject(side, model, mode, unit)))
  const first = subjects.map(matchOne)
  const alternatives = {
    rearward: some(
      first.filter((m) => m.mode.direction === 'rearward' && m.mode.heldBy !== 'vehicle-belt').map((m) => m.decision),
    ),
    harnessed: some(first.filter((m) => m.mode.heldBy !== 'vehicle-belt').map((m) => m.decision)),
  }
  // Only what depends on the alternatives is asked again.
  return first
    .map((match, i) => {
      const subject = subjects[i]
      const mayDepend = match.mode.direction === 'forward'
      return subject && mayDepend ? matchOne({ ...subject, alternatives }) : match
    })
    .toSorted(byPreference)
}

export interface NeedCount {
  readonly need: Need
  /** How many undecided subjects ask for it. */
  readonly settles: number
}

/** What to find out next, by how many open subjects ask for it. */
export function rankNeeds(groups: readonly (readonly RawFinding[])[]): readonly NeedCount[] {
  const counts = new Map<Need, number>()
  for (const findings of groups) {
    const asked = new Set(
      findings
        .filter((f) => f.outcome.kind === 'undecided' && severityOf(f) !== 'advise')
        .flatMap((f) => f.outcome.missing ?? []),
    )
    for (const need of asked) counts.set(need, (counts.get(need) ?? 0) + 1)
  }
  return [...counts]
    .map(([need, settles]) => ({ need, settles }))
    .toSorted((a, b) => b.settles - a.settles || a.need.localeCompare(b.need))
}
