import { formatNumber, plural } from '../quantities/index.ts'
import { DIRECTION_WORD } from '../restraint/index.ts'
import { reasonOf, severityOf, type Outcome } from '../rules/index.ts'
import { advisesAgainst, relativeMargin, roomToGrow } from './evaluate.ts'
import { tellsApart, unknownOf, type CriterionId, type RankBasis } from './rank.ts'
import type { ModeMatch, Standing } from './types.ts'

const STANDING_WORD = {
  permitted: 'permitted',
  undecided: 'undecided',
  soon: 'not permitted yet',
  outgrown: 'outgrown',
  'convert-first': 'permitted only once converted',
  'not-permitted': 'not permitted',
} as const satisfies Record<Standing, string>

/** The outcome with the least room, as the order weighs it. */
const leastBy = ({ findings }: ModeMatch, room: (outcome: Outcome) => number): Outcome | undefined =>
  findings.filter((f) => severityOf(f) !== 'advise').toSorted((a, b) => room(a.outcome) - room(b.outcome))[0]?.outcome
const roomText = (room: number | undefined, unit = '', limit?: number): string =>
  room === undefined || limit === undefined
    ? 'no limit near'
    : `${formatNumber(room)} ${unit} from ${formatNumber(limit)}`

const marginText = (m: ModeMatch): string => {
  const { margin, unit, limit } = leastBy(m, relativeMargin) ?? {}
  return roomText(margin, unit, limit)
}
/** The room to the limit that the child grows towards. */
const growthText = (m: ModeMatch): string => {
  const least = leastBy(m, roomToGrow)
  if (least === undefined || !Number.isFinite(roomToGrow(least))) return roomText(undefined)
  const { measured, range, margin, unit, limit } = least
  return range?.to === undefined || measured === undefined
    ? roomText(margin, unit, limit)
    : roomText(range.to - measured.hi, unit, range.to)
}

/** Completed months, as the forecast says them everywhere else. */
const wholeMonths = (months = 0): string =>
  Number.isFinite(months) ? plural(Math.floor(months), 'month') : 'beyond the growth tables'

const adviceText = ({ findings }: ModeMatch): string => {
  const advice = findings.find(advisesAgainst)
  return (advice === undefined ? '' : reasonOf(advice.outcome)).replace(/^A /, 'a ').replace(/\.$/, '')
}

const BECAUSE: Readonly<Record<CriterionId, (a: ModeMatch, b: ModeMatch, basis: RankBasis) => string>> = {
  decision: (a, b) => `it is ${STANDING_WORD[a.standing]}, the other ${STANDING_WORD[b.standing]}`,
  'stands-nowhere': () => 'the other fits nowhere in this car',
  'stage-of-life': () => 'the other is a lie-flat, meant for a younger child, and no recorded advice asks for it',
  advice: (_, b) => `the other is advised against: ${adviceText(b)}`,
  'stands-for-certain': (a, _, { ease }) =>
    `it fits this car for certain (${ease?.(a)?.text ?? ''}); of the other that is not known yet`,
  direction: (a, _, { practice }) =>
    `it is ${DIRECTION_WORD[a.mode.direction]}, and the profile “${practice.name}” turns forward as late as it can`,
  harness: (_, __, { practice }) => `it has its own harness, and the profile “${practice.name}” uses one to its limit`,
  months: (a, b, { monthsLeft }) =>
    `it can be used longer in its direction, by the growth forecast (${wholeMonths(monthsLeft?.(a))} against ${wholeMonths(monthsLeft?.(b))})`,
  'small-margin': (_, b) => `the other may be outgrown by the next visit (${growthText(b)})`,
  unknown: (a, b, basis) =>
    `it waits for fewer readings (${unknownOf(a, basis)} against ${plural(unknownOf(b, basis), 'reading')})`,
  ease: (a, b, { ease }) =>
    `it is simpler to attach in this car (${ease?.(a)?.text ?? ''} against ${ease?.(b)?.text ?? ''})`,
  margin: (a, b) => `it has more room to its nearest limit (${marginText(a)} against ${marginText(b)})`,
}

/** "because it is rearward, and …": the first criterion that tells the two apart, or that none does. */
export function whyAbove(upper: ModeMatch, lower: ModeMatch, basis: RankBasis): string {
  const id = tellsApart(upper, lower, basis)
  if (id !== undefined) return BECAUSE[id](upper, lower, basis)
  return upper.decision === 'fail' ? 'neither is permitted; by name' : 'nothing tells them apart; by name'
}
