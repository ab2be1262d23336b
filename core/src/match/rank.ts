import type { PracticeProfile } from '../practice/index.ts'
import { DECISION_RANK } from '../quantities/index.ts'
import { missingIn, severityOf } from '../rules/index.ts'
import type { RouteEase } from './ease.ts'
import type { ModeMatch } from './types.ts'

/** What the order rests on beside the matches themselves; what is left out is not asked. */
export interface RankBasis {
  readonly practice: PracticeProfile
  /** Median months of use ahead in the mode's direction, from the growth forecast (`monthsAhead`). */
  readonly monthsLeft?: ((match: ModeMatch) => number | undefined) | undefined
  /** The simplest way to attach it in the chosen car; `undefined` where it certainly stands nowhere in it. */
  readonly ease?: ((match: ModeMatch) => RouteEase | undefined) | undefined
}

export type CriterionId =
  | 'decision'
  | 'stands-nowhere'
  | 'stage-of-life'
  | 'advice'
  | 'stands-for-certain'
  | 'direction'
  | 'harness'
  | 'months'
  | 'small-margin'
  | 'unknown'
  | 'ease'
  | 'margin'

/** Margins nearer than this share of the limit count as equal, so that the next question decides. Our own figure. */
const MARGIN_STEP = 0.05
/** Months of use nearer than this count as equal. Our own figure. */
const MONTHS_STEP = 3
/** Use beyond this is beyond every table: no difference is read into it. */
const MONTHS_TOLD_APART = 240
/** From this age on, or with a steady head, a lie-flat was meant for an earlier stage of life. Our own figure. */
const LIE_FLAT_TO_MONTHS = 6

/** A lie-flat for a sturdy child, unless recorded advice asks for one. */
export function isForAnotherStage(match: ModeMatch): boolean {
  if (match.mode.shape !== 'lie-flat') return false
  // Asked only now: a match works its subject out when somebody reads it.
  const { child, age } = match.subject
  if (child.advice?.outcome === 'lie-flat-only') return false
  return child.headControl === 'steady' || (age !== undefined && age.lo >= LIE_FLAT_TO_MONTHS)
}

/** Readings that the mode and its simplest place still wait for. What is decided waits for none. */
export function unknownOf(match: ModeMatch, { ease }: RankBasis): number {
  const way = ease?.(match)
  if (match.decision !== 'undecided' && way?.decision !== 'undecided') return 0
  const open = way?.decision === 'undecided' ? way.findings.filter((f) => severityOf(f) !== 'advise') : []
  return new Set([...match.openNeeds, ...open.flatMap((f) => missingIn(f.outcome))]).size
}

interface Criterion {
  readonly id: CriterionId
  /** Lower is better. */
  readonly rank: (match: ModeMatch, basis: RankBasis) => number
}

/** The criteria, the weightiest first. The first that tells two modes apart orders them. */
const CRITERIA: readonly Criterion[] = [
  { id: 'decision', rank: (m) => -DECISION_RANK[m.decision] },
  { id: 'stands-nowhere', rank: (m, { ease }) => (ease && ease(m) === undefined ? 1 : 0) },
  // Before advice and place: permitted and standing somewhere, the other one always serves longer.
  { id: 'stage-of-life', rank: (m) => Number(isForAnotherStage(m)) },
  { id: 'advice', rank: (m) => Number(m.isAdvisedAgainst) },
  { id: 'stands-for-certain', rank: (m, { ease }) => (ease && ease(m)?.decision !== 'pass' ? 1 : 0) },
  {
    id: 'direction',
    rank: (m, { practice }) =>
      practice.turningForward === 'as-late-as-allowed' && m.mode.direction === 'forward' ? 1 : 0,
  },
  {
    id: 'harness',
    rank: (m, { practice }) =>
      practice.boosterFrom === 'harness-to-its-limit' && m.mode.heldBy === 'vehicle-belt' ? 1 : 0,
  },
  {
    id: 'months',
    rank: (m, { monthsLeft }) => -Math.floor(Math.min(monthsLeft?.(m) ?? 0, MONTHS_TOLD_APART) / MONTHS_STEP),
  },
  { id: 'small-margin', rank: (m) => Number(m.roomToGrow < MARGIN_STEP) },
  { id: 'unknown', rank: unknownOf },
  { id: 'ease', rank: (m, { ease }) => ease?.(m)?.points ?? 0 },
  { id: 'margin', rank: (m) => (m.room === Infinity ? -Number.MAX_SAFE_INTEGER : -Math.floor(m.room / MARGIN_STEP)) },
]

/**
 * Best first. The last word is the name, so that the order never depends on
 * where a mode stood before. Criterion by criterion: only modes that all
 * criteria before leave level are asked the next one, and each of them once.
 */
export function rankModes(matches: readonly ModeMatch[], basis: RankBasis): readonly ModeMatch[] {
  const ordered = (level: readonly ModeMatch[], i: number): readonly ModeMatch[] => {
    const criterion = CRITERIA[i]
    const [first] = level
    // Refused modes are told apart by name alone, and most of a shelf is refused.
    const isByName = criterion === undefined || (i > 0 && first?.decision === 'fail')
    if (level.length < 2) return level
    if (isByName) return level.toSorted(byName)
    const groups = new Map<number, ModeMatch[]>()
    for (const match of level) {
      const rank = criterion.rank(match, basis)
      const group = groups.get(rank)
      if (group === undefined) groups.set(rank, [match])
      else group.push(match)
    }
    return groups.size === 1
      ? ordered(level, i + 1)
      : [...groups].sort(([a], [b]) => a - b).flatMap(([, group]) => ordered(group, i + 1))
  }
  return ordered(matches, 0)
}

const compareText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)
const byName = (a: ModeMatch, b: ModeMatch): number =>
  compareText(a.model.id, b.model.id) ||
  compareText(a.mode.id, b.mode.id) ||
  compareText(a.unit?.id ?? '', b.unit?.id ?? '')

/**
 * The first criterion that tells the two apart; `undefined` where only the name does.
 * Throws where `upper` does not stand above `lower`.
 */
export function tellsApart(upper: ModeMatch, lower: ModeMatch, basis: RankBasis): CriterionId | undefined {
  if (upper.decision === 'fail' && lower.decision === 'fail') return undefined
  for (const criterion of CRITERIA) {
    const difference = criterion.rank(upper, basis) - criterion.rank(lower, basis)
    if (difference > 0) throw new Error(`${upper.mode.id} does not stand above ${lower.mode.id}`)
    if (difference < 0) return criterion.id
  }
  return undefined
}

/** What the forecast says of one mode, in months from today. */
interface Ahead {
  readonly opensInMonths: number
  readonly leftMonths: number
}

/**
 * Months of use ahead in a mode's direction: its own, and those of another mode
 * of the same unit in that direction and held the same way that opens before it ends.
 */
export function monthsAhead(
  match: ModeMatch,
  all: readonly ModeMatch[],
  aheadOf: (match: ModeMatch) => Ahead | undefined,
): number | undefined {
  let left = aheadOf(match)?.leftMonths
  if (left === undefined) return undefined
  const others = all.filter(
    (m) =>
      m !== match &&
      m.model === match.model &&
      m.unit === match.unit &&
      m.mode.direction === match.mode.direction &&
      m.mode.heldBy === match.mode.heldBy &&
      (m.standing === 'permitted' || m.standing === 'soon'),
  )
  // Each pass may reach one more of them: a model has few modes.
  for (let reached = true; reached;) {
    reached = false
    for (const other of others) {
      const ahead = aheadOf(other)
      if (ahead === undefined || ahead.opensInMonths > left || ahead.leftMonths <= left) continue
      left = ahead.leftMonths
      reached = true
    }
  }
  return left
}
