import { STRAP_RULE_TEXT, strapRuleOf } from '../fit/index.ts'
import { formatNumber, type Decision } from '../quantities/index.ts'
import { MAX_MOVEMENT_MM, SLACK_MM, type FittedSubject } from '../rules/index.ts'
import type { CheckId } from '../checks/index.ts'
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

interface Question extends RecheckItem {
  /** Asked where the fitting asks for any of these. */
  readonly of: readonly CheckId[] | boolean
}

function questions(s: FittedSubject): readonly Question[] {
  const { mode, route, practice } = s
  const isBooster = mode.heldBy === 'vehicle-belt'
  const isStrict = practice.steadiness === 'nothing-felt'
  const slack =
    practice.slack === 'pinch'
      ? 'no fold can be pinched in the straps'
      : `the straps lift at most ${practice.slack === 'one-finger' ? 'one finger' : 'two fingers'} (${formatNumber(SLACK_MM[practice.slack])} mm)`
  const isBeforeAirbag = s.position.row === 1 && mode.direction !== 'forward'
  const recline = mode.reclines?.find((r) => r.id === s.settings.recline?.value)?.label
  const q = (id: string, of: Question['of'], ask: string, how: string, ifNot: string): Question => ({ id, of, ask, how, ifNot }) // prettier-ignore
  return [
    q('place', true, isBeforeAirbag ? 'It stands at the same place, and the airbag is seen off' : 'It stands at the same place, set as on the sheet', `${s.position.label}${recline === undefined ? '' : `, recline ${recline}`}.${isBeforeAirbag ? ' See the lamp.' : ''}`, 'Do not travel. Put it back at its place, or have it fitted anew.'),
    q('connectors', ['latch-left', 'connector-straps'], 'Both connectors show latched and hold when pulled', 'Look at left and right apart; pull each arm.', 'Release that side, push until it clicks, look and pull again.'),
    q('leg', ['leg-contact'], 'The leg stands flat on the bare floor', 'No mat, nothing under the foot; its indicator shows good.', 'Take the mat out and set the leg one notch at a time until it stands.'),
    q('tether', ['tether-point', 'lower-tethers'], route.topTether ? 'The top tether is hooked, tight and flat' : 'Both lower tethers are tight', 'Pull at the strap; run a hand along it.', 'Tighten it, and read its indicator again.'),
    q('belt', ['belt-path', 'booster-path'], isBooster ? 'The belt runs through every guide and low over the thighs' : 'The belt runs through every guide, flat and locked', isBooster ? 'Lap section under both arm rests, diagonal over the middle of the shoulder.' : 'Follow it with a finger; pull behind the lock: it does not run.', isBooster ? 'Unbuckle, lead the belt again, buckle.' : 'Undo it, lead it again with your weight on the seat, lock it.'),
    q('steady', ['steadiness-mm', 'steadiness-felt'], isStrict ? 'It does not move at its base' : `It moves at most ${MAX_MOVEMENT_MM} mm at its base`, 'A firm hand at the base or belt path, side to side and fore and aft; not at the top.', `Tighten it again${isStrict ? ' until nothing is felt' : ''}.`),
    q('shell', ['shell-on-base', 'carry-handle', 'turn-lock', 'side-pod'], 'The shell is latched and locked, handle and pod as for travel', 'Lift the shell, try to turn it, look at the handle.', 'Set it down until it clicks; turn it until it locks.'),
    q('straps', ['strap-exit', 'strap-twist'], 'The straps leave the shell at the shoulder, flat', `${STRAP_RULE_TEXT[strapRuleOf(mode)].replace(/^./, (x) => x.toUpperCase())}.`, 'Set the straps to the right height; fold out the twist.'),
    q('slack', ['harness-buckle', 'slack-mm', 'slack-pinch'], `No coat, buckle clicked, and ${slack}`, 'Coat off first; then pull the adjuster.', 'Coat off, buckle, tighten again.'),
    q('shoulder', isBooster, 'The guide stands at the shoulder, 0 to 20 mm above it', 'The belt lies between neck and arm.', 'Raise the head support one step.'),
    q('head', ['head', 'crown-below-edge-mm'], 'The head is inside the line that the maker gives', 'Look from the side.', 'Raise the head support; if it is at its top, the restraint is outgrown.'),
  ] // prettier-ignore
}

/** The same installation looked at again by the carer: at most ten questions, only what this fitting has. */
export function recheckList(subject: FittedSubject): readonly RecheckItem[] {
  const asked = checksAsked(subject)
  const has = ({ of }: Question): boolean => (typeof of === 'boolean' ? of : of.some((id) => asked.has(id)))
  return questions(subject)
    .filter(has)
    .slice(0, RECHECK_TAPS)
    .map(({ of: _of, ...item }) => item)
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
