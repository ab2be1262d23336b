import { chosenIn, type Case } from '../casefile/index.ts'
import {
  askedChecks,
  checksByRule,
  childSide,
  decide,
  evaluate,
  fittedSubject,
  modeSubject,
  rankNeeds,
  relativeMargin,
  routeSubject,
  staleIn,
  withAlternatives,
  worstFirst,
} from '../match/index.ts'
import { every, type Decision } from '../quantities/index.ts'
import { CHECK_IDS, CHECKS, type CheckId, checkLabel } from '../checks/index.ts'
import { changeSentence } from '../readings/index.ts'
import { severityOf, toFinding, type Finding, type RawFinding, type RuleSource } from '../rules/index.ts'
import { CAUTION } from './caution.ts'
import { closer, inOrderOfWork, type MeasureNext } from './measure-next.ts'
import { CHOICE_TEXT, nextText } from './needs.en.ts'
import { describeNeed } from './needs.ts'
import { ownMatch } from './own-match.ts'
import { whyOf } from './why.ts'
import { STAGES, type Stage, type Verdict } from './words.ts'
import * as msg from './messages.en.ts'

type StageState = Decision | 'not-started'

export interface Assessment {
  readonly format: 'nimble-anchor/assessment'
  readonly version: 1
  readonly verdict: Verdict
  /** One sentence: what decided. */
  readonly headline: string
  /** The rule that decided, and whether law, car, maker or practice stands behind it; of "ready" the one nearest to its limit. */
  readonly decidedBy: { readonly ruleId: string; readonly source: RuleSource } | null
  /** Worst first. */
  readonly findings: readonly Finding[]
  readonly measureNext: readonly MeasureNext[]
  readonly stale: readonly { readonly checkId: CheckId; readonly label: string; readonly because: string }[]
  readonly stages: Readonly<Record<Stage, StageState>>
  readonly caution: string
}

function openChoices(c: Case): readonly MeasureNext[] {
  const { mode, route, position } = chosenIn(c)
  const open: MeasureNext[] = []
  if (!mode) open.push({ need: 'mode', ...CHOICE_TEXT.mode, stage: 'choose', settles: 1 })
  if (!c.vehicle) open.push({ need: 'vehicle', ...CHOICE_TEXT.vehicle, stage: 'place', settles: 1 })
  else if (!position || !route) open.push({ need: 'place', ...CHOICE_TEXT.place, stage: 'place', settles: 1 })
  return open
}

/** Everything the rules say about a case as far as it has got. */
function rawFindings(c: Case): readonly RawFinding[] {
  const { model, unit, baseUnit, mode, route, position } = chosenIn(c)
  if (!model || !mode) return []
  const own = ownMatch(c)
  const subject = modeSubject(childSide(c), model, mode, unit, baseUnit)
  const fitted = fittedSubject(c)
  // With the inserts set, the padding under the child is known, and rules of the mode may know it too.
  const findings = fitted
    ? evaluate('mode', withAlternatives(fitted, own?.subject.alternatives))
    : (own?.findings ?? []).filter((f) => f.rule.scope === 'mode')
  if (!route) return [...findings, ...(own?.routes[0]?.findings ?? [])]
  const atRoute = routeSubject(subject, route, position)
  if (!fitted) return [...findings, ...evaluate('route', atRoute)]
  return [...findings, ...evaluate('route', fitted), ...evaluate('place', fitted), ...evaluate('fitted', fitted)]
}

function verdictOf(findings: readonly RawFinding[], hasOpenChoices: boolean): Verdict {
  const failed = findings.filter((f) => f.outcome.kind === 'fail')
  if (failed.some((f) => severityOf(f) === 'stop')) return 'not-permitted'
  if (failed.some((f) => severityOf(f) === 'fix')) return 'not-ready'
  if (hasOpenChoices || decide(findings) !== 'pass') return 'undecided'
  return 'ready'
}

/** What "ready" has to say beside it: advice against, and notes that no longer hold. */
function readyText(against: readonly Finding[], outdated: number): string {
  const said = msg.everyCheckThatThisFitting
  if (against.length > 0) return msg.advisedAgainst(said, against.map((f) => f.reason).join(' '))
  if (outdated > 0)
    return msg.thatItDoesNotAsk(
      said,
      outdated === 1 ? msg.oneOlderNote : msg.olderNotes(outdated),
      outdated === 1 ? msg.holds : msg.hold,
    )
  return `${said}.`
}

/** Of what passed, the finding with the least room to its limit: that is what "ready" rests on. */
function nearest(raw: readonly RawFinding[]): RawFinding | undefined {
  let least: RawFinding | undefined
  for (const f of raw) {
    if (severityOf(f) === 'advise' || f.outcome.kind !== 'pass') continue
    if (least === undefined || relativeMargin(f.outcome) < relativeMargin(least.outcome)) least = f
  }
  return least
}

function headlineOf(
  verdict: Verdict,
  worst: Finding | undefined,
  refusals: readonly Finding[],
  next: readonly MeasureNext[],
  outdated: number,
): string {
  switch (verdict) {
    case 'ready':
      return readyText(refusals, outdated)
    case 'not-ready':
    case 'not-permitted':
      return worst?.reason ?? ''
    case 'undecided':
      return next[0] ? nextText(next[0].ask) : (worst?.reason ?? '')
  }
}

function stageStates(
  c: Case,
  findings: readonly RawFinding[],
  verdict: Verdict,
  next: readonly MeasureNext[],
): Record<Stage, StageState> {
  const { mode, route, position } = chosenIn(c)
  const isReached: Record<Finding['stage'], boolean> = {
    choose: mode !== undefined,
    place: position !== undefined && route !== undefined,
    'set-up': Object.keys(c.settings).length > 0,
    attach: CHECK_IDS.some((id) => CHECKS[id].stage === 'attach' && c.readings[id]),
    'child-in': CHECK_IDS.some((id) => CHECKS[id].stage === 'child-in' && c.readings[id]),
  }
  const isOpen = (stage: Stage): boolean => next.some((n) => n.stage === stage)
  const standing = (stage: Finding['stage']): StageState => {
    const hasBegun = isReached[stage] || (stage === 'set-up' && isReached.place && !isOpen(stage))
    if (!hasBegun) return 'not-started'
    return every([decide(findings.filter((f) => f.rule.stage === stage)), isOpen(stage) ? 'undecided' : 'pass'])
  }
  const isMeasured = c.child.massKg !== undefined || c.child.statureCm !== undefined
  return {
    // What the child's measures leave open shows where they are taken.
    measure: isMeasured ? (isOpen('measure') ? 'undecided' : 'pass') : 'not-started',
    choose: standing('choose'),
    place: standing('place'),
    'set-up': standing('set-up'),
    attach: standing('attach'),
    'child-in': standing('child-in'),
    'hand-over': handOverState(c, verdict),
  }
}
function handOverState({ handover }: Case, verdict: Verdict): StageState {
  if (handover) return handover.againstAdvice ? 'fail' : 'pass'
  return verdict === 'ready' ? 'undecided' : 'not-started'
}

/** What a case comes to, and what decided. */
export interface Judgement extends Pick<Assessment, 'verdict' | 'headline' | 'decidedBy' | 'stages'> {
  /** What does not hold, advice among it; worst first. */
  readonly refusals: readonly Finding[]
}
interface Judged extends Judgement {
  /** Worst first. */
  readonly findings: () => readonly Finding[]
  readonly measureNext: readonly MeasureNext[]
  readonly asked: ReadonlySet<CheckId>
}

/** Every finding is put into sentences only where somebody asks for all of them: with every entry a server does not. */
function judged(c: Case): Judged {
  const { route } = chosenIn(c)
  const raw = worstFirst(rawFindings(c))
  const choices = openChoices(c)
  const verdict = verdictOf(raw, choices.length > 0)
  // While no route is chosen, what only one of them would ask is not asked; what it asks of the child is.
  const asking = raw.flatMap((f) => {
    if (f.outcome.kind !== 'undecided') return []
    if (route !== undefined || f.rule.scope !== 'route') return [[f]]
    const missing = f.outcome.missing.filter((need) => need.startsWith('child.'))
    return missing.length > 0 ? [[{ ...f, outcome: { ...f.outcome, missing } }]] : []
  })
  const needs: readonly MeasureNext[] = rankNeeds(asking).map(({ need, bearsOn }) => ({
    need,
    settles: bearsOn,
    ...closer(describeNeed(need, route), need, c),
  }))
  const fitted = fittedSubject(c)
  const measureNext = inOrderOfWork([...choices, ...needs], fitted)
  const checks = fitted ? checksByRule(fitted) : undefined
  const asked = fitted ? askedChecks(fitted) : new Set<CheckId>()
  const known = new Map<RawFinding, Finding>()
  const findingOf = (f: RawFinding): Finding => {
    const already = known.get(f)
    if (already) return already
    const own = checks?.get(f.rule.id)
    const why = f.outcome.kind === 'pass' ? undefined : whyOf(f.rule.id, c)
    // Added to, not copied: a copy would read every sentence.
    const finding = Object.assign(toFinding(f), own && { checks: own }, why !== undefined && { why })
    known.set(f, finding)
    return finding
  }
  const refusals = raw.filter((f) => f.outcome.kind === 'fail').map(findingOf)
  const deciding = verdict === 'ready' ? nearest(raw) : raw[0]
  const decider = deciding && findingOf(deciding)
  return {
    verdict,
    headline: headlineOf(verdict, raw[0] && findingOf(raw[0]), refusals, measureNext, staleIn(c).size),
    decidedBy: decider ? { ruleId: decider.ruleId, source: decider.source } : null,
    stages: stageStates(c, raw, verdict, measureNext),
    refusals,
    findings: () => raw.map(findingOf),
    measureNext,
    asked,
  }
}

/** An assessment without what a ledger shows beside it: for whoever stores what a case comes to. */
export const judgeCase = (c: Case): Judgement => judged(c)

/**
 * The judgement on one case. Pure: the same case always gives the same assessment.
 * Unknown is never a pass: a case with anything open is undecided at best.
 */
export function assess(c: Case): Assessment {
  const { verdict, headline, decidedBy, stages, findings, measureNext, asked } = judged(c)
  const stale = [...staleIn(c)]
    .filter(([checkId]) => asked.has(checkId))
    .map(([checkId, change]) => ({
      checkId,
      label: checkLabel(checkId),
      because: changeSentence(change, c.settings, chosenIn(c).mode),
    }))
  return {
    format: 'nimble-anchor/assessment',
    version: 1,
    verdict,
    headline,
    decidedBy,
    findings: findings(),
    measureNext,
    stale,
    stages,
    caution: CAUTION,
  }
}

/** Where the work stands: the first stage that has not passed. */
export const openStage = ({ stages }: Pick<Assessment, 'stages'>): Stage =>
  STAGES.find((s) => stages[s] !== 'pass') ?? 'hand-over'
