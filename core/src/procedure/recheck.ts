import type { CheckId } from '../checks/index.ts'
import { guideWindowMm, strapRuleOf } from '../fit/index.ts'
import type { PracticeProfile } from '../practice/index.ts'
import type { Decision } from '../quantities/index.ts'
import { isIntegral, type StrapRule } from '../restraint/index.ts'
import { MAX_MOVEMENT_MM, type FittedSubject } from '../rules/index.ts'
import { RECHECK_EN } from './recheck.en.ts'
import { checksAsked } from './steps.ts'

/** The carer answers at most this many questions, one tap each. */
export const RECHECK_TAPS = 10

export interface RecheckItem {
  readonly id: string
  /** What to look at, in the carer's words. */
  readonly ask: string
  readonly how: string
  /** What to do when it is not so. */
  readonly ifNot: string
}
export const RECHECK_ANSWERS = ['yes', 'no', 'unsure'] as const
export type RecheckAnswer = (typeof RECHECK_ANSWERS)[number]

/** A range of the maker's; an end that is not stated is absent. */
interface BoundsMm {
  readonly fromMm?: number | undefined
  readonly toMm?: number | undefined
}

/** What the questions of one fitting depend on. */
export interface RecheckFacts {
  readonly placeLabel: string
  readonly reclineLabel: string | undefined
  readonly isBeforeAirbag: boolean
  readonly isBooster: boolean
  readonly hasTopTether: boolean
  readonly strapRule: StrapRule
  /** The maker's own slack beats the school's. */
  readonly slack: PracticeProfile['slack'] | BoundsMm
  /** Movement at the base that the fitting allows; `undefined` where the school feels for it. */
  readonly movementMm: number | undefined
  /** Where the guide of a booster stands above the shoulder. */
  readonly guideMm: BoundsMm
}

function factsOf({ mode, route, position, practice, settings }: FittedSubject): RecheckFacts {
  return {
    placeLabel: position.label,
    reclineLabel: mode.reclines?.find((r) => r.id === settings.recline?.value)?.label,
    isBeforeAirbag: position.row === 1 && mode.direction !== 'forward',
    isBooster: !isIntegral(mode),
    hasTopTether: route.topTether !== undefined,
    strapRule: strapRuleOf(mode),
    slack: mode.slackMm ?? practice.slack,
    movementMm: mode.steadinessMm ?? (practice.steadiness === 'nothing-felt' ? undefined : MAX_MOVEMENT_MM),
    guideMm: guideWindowMm(mode),
  }
}

/** The questions in the order of looking, each asked where the fitting asks for any of its checks. */
const QUESTIONS = {
  place: 'always',
  connectors: ['latch-left', 'connector-straps'],
  leg: ['leg-contact'],
  tether: ['tether-point', 'lower-tethers'],
  belt: ['belt-path', 'booster-path'],
  steady: ['steadiness-mm', 'steadiness-felt'],
  shell: ['shell-on-base', 'carry-handle', 'turn-lock', 'side-pod'],
  straps: ['strap-exit', 'strap-twist'],
  slack: ['harness-buckle', 'slack-mm', 'slack-pinch'],
  shoulder: ['guide-above-shoulder-mm', 'guide-gate'],
  head: ['head', 'crown-below-edge-mm'],
} as const satisfies Record<string, 'always' | readonly CheckId[]>
type RecheckQuestion = keyof typeof QUESTIONS
const QUESTION_IDS = Object.keys(QUESTIONS) as RecheckQuestion[]

/** What the questions say in one language. */
export type RecheckTexts = Readonly<Record<RecheckQuestion, (facts: RecheckFacts) => Omit<RecheckItem, 'id'>>>

/** The same installation looked at again by the carer: at most ten questions, only what this fitting has. */
export function recheckList(subject: FittedSubject, texts: RecheckTexts = RECHECK_EN): readonly RecheckItem[] {
  const asked = checksAsked(subject)
  const facts = factsOf(subject)
  const isAsked = (id: RecheckQuestion): boolean => {
    const of: 'always' | readonly CheckId[] = QUESTIONS[id]
    return of === 'always' || of.some((check) => asked.has(check))
  }
  return QUESTION_IDS.filter(isAsked)
    .slice(0, RECHECK_TAPS)
    .map((id) => ({ id, ...texts[id](facts) }))
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
