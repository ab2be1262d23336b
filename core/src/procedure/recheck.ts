import type { CheckId } from '../checks/index.ts'
import { guideWindowMm, strapRuleOf } from '../fit/index.ts'
import type { Decision } from '../quantities/index.ts'
import { isIntegral } from '../restraint/index.ts'
import { STEADY_WITHIN_MM } from '../practice/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { RECHECK_EN } from './recheck.en.ts'
import {
  QUESTIONS,
  type RecheckFacts,
  type RecheckItem,
  type RecheckQuestion,
  type RecheckTexts,
} from './recheck-questions.ts'
import { checksAsked } from './steps.ts'

/** The carer answers at most this many questions, one tap each. */
export const RECHECK_TAPS = 10

export const RECHECK_ANSWERS = ['yes', 'no', 'unsure'] as const
export type RecheckAnswer = (typeof RECHECK_ANSWERS)[number]

function factsOf({ mode, position, practice, settings }: FittedSubject, asked: ReadonlySet<CheckId>): RecheckFacts {
  return {
    placeLabel: position.label,
    reclineLabel: mode.reclines?.find((r) => r.id === settings.recline?.value)?.label,
    isBeforeAirbag: position.row === 1 && mode.direction !== 'forward',
    isBooster: !isIntegral(mode),
    usesTopTether: asked.has('tether-point'),
    usesLowerTethers: asked.has('lower-tethers'),
    strapRule: strapRuleOf(mode),
    slack: mode.slackMm ?? practice.slack,
    movementMm: mode.steadinessMm ?? (practice.steadiness === 'nothing-felt' ? undefined : STEADY_WITHIN_MM),
    guideMm: guideWindowMm(mode),
  }
}

const QUESTION_IDS = Object.keys(QUESTIONS) as RecheckQuestion[]

/** The same installation looked at again by the carer: at most ten questions, only what this fitting has. */
export function recheckList(subject: FittedSubject, texts: RecheckTexts = RECHECK_EN): readonly RecheckItem[] {
  const asked = checksAsked(subject)
  const facts = factsOf(subject, asked)
  const checkIn = (id: RecheckQuestion): CheckId | undefined => {
    const of: 'always' | readonly CheckId[] = QUESTIONS[id]
    return of === 'always' ? undefined : of.find((check) => asked.has(check))
  }
  return QUESTION_IDS.filter((id) => QUESTIONS[id] === 'always' || checkIn(id) !== undefined)
    .slice(0, RECHECK_TAPS)
    .map((id) => ({ id, ...texts[id](facts), check: checkIn(id) }))
}

interface RecheckResult {
  readonly kind: Decision
  /** What was answered "no", and what nobody could tell. */
  readonly put: readonly RecheckItem[]
  readonly open: readonly RecheckItem[]
}

/** Unknown is never pass: an unanswered question leaves it undecided. */
export function judgeRecheck(
  items: readonly RecheckItem[],
  answers: Readonly<Record<string, RecheckAnswer | undefined>>,
): RecheckResult {
  const put = items.filter((i) => answers[i.id] === 'no')
  const open = items.filter((i) => answers[i.id] === undefined || answers[i.id] === 'unsure')
  return { kind: put.length > 0 ? 'fail' : open.length > 0 || items.length === 0 ? 'undecided' : 'pass', put, open }
}
