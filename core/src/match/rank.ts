import { DIRECTION_WORD } from '../restraint/index.ts'
import { reasonOf } from '../rules/index.ts'
import type { PracticeProfile } from '../practice/index.ts'
import { DECISION_RANK, formatNumber } from '../quantities/index.ts'
import type { RouteEase } from './ease.ts'
import { advisesAgainst } from './evaluate.ts'
import type { ModeMatch, Standing } from './types.ts'

/** What the order rests on beside the matches themselves; what is left out is not asked. */
export interface RankBasis {
  readonly practice: PracticeProfile
  /** Median months of use left, from the growth forecast. */
  readonly monthsLeft?: ((match: ModeMatch) => number | undefined) | undefined
  /** The simplest way to attach it in the chosen car; `undefined` where it fits nowhere. */
  readonly ease?: ((match: ModeMatch) => RouteEase | undefined) | undefined
}

interface Criterion {
  readonly id: 'decision' | 'advice' | 'direction' | 'harness' | 'margin' | 'months' | 'ease'
  /** Lower is better. */
  readonly rank: (match: ModeMatch, basis: RankBasis) => number
  /** Why `upper` stands above `lower`, where this criterion told them apart. */
  readonly because: (upper: ModeMatch, lower: ModeMatch, basis: RankBasis) => string
}

const STANDING_WORD = {
  permitted: 'permitted',
  undecided: 'undecided',
  soon: 'not permitted yet',
  outgrown: 'outgrown',
  'convert-first': 'to be converted first',
  'not-permitted': 'not permitted',
} as const satisfies Record<Standing, string>

/** Margins nearer than this share of the limit count as equal, so that the next question decides. */
const MARGIN_STEP = 0.05
/** Months of use nearer than this count as equal. */
const MONTHS_STEP = 3
/** A car where it fits nowhere comes after every way that fits. */
const FITS_NOWHERE = 1000

const marginText = ({ deciding }: ModeMatch): string => {
  const { margin, limit, unit } = deciding?.outcome ?? {}
  return margin === undefined || limit === undefined
    ? 'no limit near'
    : `${formatNumber(margin)} ${unit ?? ''} from ${formatNumber(limit)}`
}

/** Completed months, as the forecast says them everywhere else. */
const wholeMonths = (months = 0): string => formatNumber(Math.floor(months), 0)

const adviceText = ({ findings }: ModeMatch): string => {
  const advice = findings.find(advisesAgainst)
  return (advice === undefined ? '' : reasonOf(advice.outcome)).replace(/^A /, 'a ').replace(/\.$/, '')
}

const CRITERIA: readonly Criterion[] = [
  {
    id: 'decision',
    rank: (m) => -DECISION_RANK[m.decision],
    because: (a, b) => `it is ${STANDING_WORD[a.standing]}, the other ${STANDING_WORD[b.standing]}`,
  },
  {
    id: 'advice',
    rank: (m) => Number(m.isAdvisedAgainst),
    because: (_, b) => `the other is advised against: ${adviceText(b)}`,
  },
  {
    id: 'direction',
    rank: (m, { practice }) =>
      m.decision !== 'fail' && practice.turningForward === 'as-late-as-allowed' && m.mode.direction === 'forward'
        ? 1
        : 0,
    because: (a, _, { practice }) =>
      `it is ${DIRECTION_WORD[a.mode.direction]}, and the profile “${practice.name}” turns forward as late as it can`,
  },
  {
    id: 'harness',
    rank: (m, { practice }) =>
      m.decision !== 'fail' && practice.boosterFrom === 'harness-to-its-limit' && m.mode.heldBy === 'vehicle-belt'
        ? 1
        : 0,
    because: (_, __, { practice }) =>
      `it has its own harness, and the profile “${practice.name}” uses one to its limit`,
  },
  {
    id: 'margin',
    rank: (m) => (m.decision === 'fail' || m.room === Infinity ? 0 : -Math.floor(m.room / MARGIN_STEP)),
    because: (a, b) => `it has more room to its nearest limit (${marginText(a)} against ${marginText(b)})`,
  },
  {
    id: 'months',
    rank: (m, { monthsLeft }) => (m.decision === 'fail' ? 0 : -Math.floor((monthsLeft?.(m) ?? 0) / MONTHS_STEP)),
    because: (a, b, { monthsLeft }) =>
      `it can be used longer, by the growth forecast (${wholeMonths(monthsLeft?.(a))} months against ${wholeMonths(monthsLeft?.(b))})`,
  },
  {
    id: 'ease',
    rank: (m, { ease }) => (m.decision === 'fail' || !ease ? 0 : (ease(m)?.points ?? FITS_NOWHERE)),
    because: (a, b, { ease }) => {
      const other = ease?.(b)
      return other
        ? `it is simpler to attach in this car (${ease?.(a)?.text} against ${other.text})`
        : 'the other fits nowhere in this car'
    },
  },
]

/** Best first. The last word is the name, so that the order never depends on where a mode stood before. */
export function rankModes(matches: readonly ModeMatch[], basis: RankBasis): readonly ModeMatch[] {
  const known = new Map<ModeMatch, (number | undefined)[]>()
  const key = (m: ModeMatch, i: number): number => {
    // Refused modes are told apart by name alone, and most of a shelf is refused.
    if (m.decision === 'fail') return i === 0 ? -DECISION_RANK.fail : 0
    const keys = known.get(m) ?? []
    if (keys.length === 0) known.set(m, keys)
    return (keys[i] ??= (CRITERIA[i] as Criterion).rank(m, basis))
  }
  return matches.toSorted((a, b) => {
    if (a.decision === 'fail' && b.decision === 'fail') return byName(a, b)
    for (let i = 0; i < CRITERIA.length; i += 1) {
      const difference = key(a, i) - key(b, i)
      if (difference !== 0) return difference
    }
    return byName(a, b)
  })
}

const compareText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)
const byName = (a: ModeMatch, b: ModeMatch): number =>
  compareText(a.model.id, b.model.id) || compareText(a.mode.id, b.mode.id)

/** "because it is rearward, and …": the first criterion that tells the two apart, or that none does. */
export function whyAbove(upper: ModeMatch, lower: ModeMatch, basis: RankBasis): string {
  if (upper.decision === 'fail' && lower.decision === 'fail') return 'neither is permitted; by name'
  for (const criterion of CRITERIA) {
    const difference = criterion.rank(upper, basis) - criterion.rank(lower, basis)
    if (difference > 0) throw new Error(`${upper.mode.id} does not stand above ${lower.mode.id}`)
    if (difference < 0) return criterion.because(upper, lower, basis)
  }
  return 'nothing tells them apart; by name'
}
