import { bestFirst, every, some, type Decision } from '../quantities/index.ts'
import { asConverted, type Mode, type RestraintModel, type RestraintUnit } from '../restraint/index.ts'
import {
  refusalInTime,
  severityOf,
  type ModeSubject,
  type Need,
  type RawFinding,
  type RouteSubject,
  missingIn,
} from '../rules/index.ts'
import {
  decide,
  evaluate,
  glance,
  isAdvisedAgainst,
  lazily,
  openNeedsOf,
  relativeMargin,
  worstFirst,
  type Glance,
} from './evaluate.ts'
import { rankModes } from './rank.ts'
import { childSide, modeSubject, routeSubject, withAlternatives, withUnit, type Circumstances } from './subjects.ts'
import type { ModeMatch, RouteMatch, Standing, StockItem } from './types.ts'

function decidingOf(findings: readonly RawFinding[]): RawFinding | undefined {
  // Advice decides nothing: where only advice is open, the pass with the least room does.
  const deciding = findings.filter((f) => severityOf(f) !== 'advise')
  const worst = deciding.find((f) => f.outcome.kind !== 'pass')
  if (worst) return worst
  return deciding.toSorted((a, b) => relativeMargin(a.outcome) - relativeMargin(b.outcome))[0]
}

function routesOf(subject: ModeSubject): readonly RouteMatch[] {
  return subject.mode.routes
    .map((route): RouteMatch => {
      const findings = evaluate('route', routeSubject(subject, route))
      return { route, findings, decision: decide(findings) }
    })
    .toSorted(bestFirst)
}

const NOTHING: ReadonlySet<Need> = new Set()

/** What only asks for the unit to be converted is no refusal of the child. */
const CONVERSION_RULES: ReadonlySet<string> = new Set(['unit-harness', 'unit-direction'])

function standingOf(decision: Decision, findings: readonly RawFinding[], subject: ModeSubject): Standing {
  if (decision !== 'fail') return decision === 'pass' ? 'permitted' : 'undecided'
  const refused = findings.filter((f) => f.outcome.kind === 'fail' && severityOf(f) !== 'advise')
  const refusals = refused.filter((f) => !CONVERSION_RULES.has(f.rule.id)).map((f) => refusalInTime(f, subject))
  if (refusals.length === 0 && refused.length > 0) return 'convert-first'
  if (refusals.includes('never')) return 'not-permitted'
  return refusals.includes('no-longer') ? 'outgrown' : 'soon'
}

class MatchedMode implements ModeMatch {
  readonly model: RestraintModel
  readonly unit: RestraintUnit | undefined
  readonly mode: Mode
  readonly decision: Decision
  readonly room: number
  readonly roomToGrow: number
  readonly #subject: ModeSubject
  /** Adds what only the whole stock tells; asked for when the findings are read. */
  readonly #complete: (subject: ModeSubject) => ModeSubject
  #routes: readonly RouteMatch[] | undefined
  #findings: readonly RawFinding[] | undefined
  #isAdvisedAgainst: boolean | undefined
  #standing: Standing | undefined

  constructor(subject: ModeSubject, complete: (subject: ModeSubject) => ModeSubject) {
    this.model = subject.model
    this.unit = subject.unit
    this.mode = subject.mode
    this.#subject = subject
    this.#complete = complete
    const { decision, room, roomToGrow } = glanceAtMode(subject)
    this.decision = decision
    this.room = room
    this.roomToGrow = roomToGrow
  }

  get subject() {
    return this.#complete(this.#subject)
  }
  /** Whether the mode takes the child, however its unit stands today: converting is work, not a limit. */
  get decisionOnceConverted(): Decision {
    const { unit } = this
    const converted = unit && asConverted(this.model, this.mode, unit)
    return converted === unit ? this.decision : glanceAtMode(withUnit(this.#subject, converted)).decision
  }
  get routes() {
    return (this.#routes ??= routesOf(this.#subject))
  }
  get findings() {
    return (this.#findings ??= worstFirst([...evaluate('mode', this.subject), ...(this.routes[0]?.findings ?? [])]))
  }
  get openNeeds() {
    if (this.decision !== 'undecided') return NOTHING
    const decisions = glancesAt(this.#subject).map((r) => r.decision)
    const best = this.mode.routes[decisions.indexOf(some(decisions))]
    return new Set([
      ...openNeedsOf('mode', this.#subject),
      ...(best ? openNeedsOf('route', routeSubject(this.#subject, best)) : []),
    ])
  }
  get deciding() {
    return decidingOf(this.findings)
  }
  get isAdvisedAgainst() {
    return (this.#isAdvisedAgainst ??=
      this.decision !== 'fail' && isAdvisedAgainst('mode', this.#complete(this.#subject)))
  }
  get standing() {
    return (this.#standing ??= standingOf(this.decision, this.findings, this.#subject))
  }
}

/** One subject serves them all: a glance keeps nothing of what it was shown. */
function glancesAt(subject: ModeSubject): readonly Glance[] {
  let scratch: { -readonly [K in keyof RouteSubject]: RouteSubject[K] } | undefined
  return subject.mode.routes.map((route) => {
    scratch ??= routeSubject(subject, route)
    scratch.route = route
    return glance('route', scratch)
  })
}

/** The mode's own rules and its best route's. */
function glanceAtMode(subject: ModeSubject): Glance {
  const own = glance('mode', subject)
  if (own.decision === 'fail') return own
  const routes = glancesAt(subject)
  const decision = some(routes.map((r) => r.decision))
  const best = routes.filter((r) => r.decision === decision)
  return {
    decision: every([own.decision, decision]),
    room: Math.min(own.room, Math.max(...best.map((r) => r.room))),
    roomToGrow: Math.min(own.roomToGrow, Math.max(...best.map((r) => r.roomToGrow))),
  }
}

/** Every mode of the stock against one child, best first by the practice profile and the room that is left. */
export const matchModes = (circumstances: Circumstances, stock: readonly StockItem[]): readonly ModeMatch[] =>
  rankModes(matchAll(circumstances, stock), { practice: circumstances.practice })

/** The same in the order of the stock: for whoever looks for one of them. */
export function matchAll(circumstances: Circumstances, stock: readonly StockItem[]): readonly ModeMatch[] {
  const side = childSide(circumstances)
  // What depends on the other modes is advice only, so decisions never wait for it.
  const alternatives = lazily(() => {
    const harnessed = matches.filter((m) => m.mode.heldBy !== 'vehicle-belt')
    return {
      rearward: some(harnessed.filter((m) => m.mode.direction === 'rearward').map((m) => m.decisionOnceConverted)),
      harnessed: some(harnessed.map((m) => m.decisionOnceConverted)),
    }
  })
  const complete = (subject: ModeSubject): ModeSubject => withAlternatives(subject, alternatives())
  const matches: readonly MatchedMode[] = stock.flatMap(({ model, unit }) =>
    model.modes.map((mode) => new MatchedMode(modeSubject(side, model, mode, unit), complete)),
  )
  return matches
}

export interface NeedCount {
  readonly need: Need
  /** How many undecided subjects wait for nothing else: finding it out settles them, one way or the other. */
  readonly settles: number
  /** How many ask for it at all. */
  readonly bearsOn: number
}

/** What to find out next: what settles most open subjects by itself, then what most of them ask for. */
export function rankNeeds(groups: readonly (readonly RawFinding[])[]): readonly NeedCount[] {
  const counts = new Map<Need, { settles: number; bearsOn: number }>()
  for (const findings of groups) {
    const asked = new Set(findings.filter((f) => severityOf(f) !== 'advise').flatMap((f) => missingIn(f.outcome)))
    for (const need of asked) {
      const count = counts.get(need) ?? { settles: 0, bearsOn: 0 }
      counts.set(need, { settles: count.settles + (asked.size === 1 ? 1 : 0), bearsOn: count.bearsOn + 1 })
    }
  }
  return [...counts]
    .map(([need, count]) => ({ need, ...count }))
    .toSorted((a, b) => b.settles - a.settles || b.bearsOn - a.bearsOn || a.need.localeCompare(b.need))
}
