import { checkOf, optionOf, type CheckId } from '../checks/index.ts'
import { type Change } from '../readings/index.ts'
import type { Judged } from './facts.ts'
import { outcomeOf, type FittedSubject, type ModeSubject, type Need, type Outcome } from './rule.ts'
import { sayer, type Said } from './say.ts'
import type shared from './shared.en.ts'

const say = sayer<typeof shared>()

/** A check that nobody has answered, or not since something changed. */
export const openCheck = (check: CheckId, says: Said): Outcome => ({
  kind: 'undecided',
  check,
  missing: [`check.${check}`],
  says,
})
/** What happened after a look, for the sentence about it. */
export const since = ({ settings, mode }: FittedSubject, change: Change) => ({ change, settings, mode })

/** What a check with options says; a stale or missing reading is undecided. */
export function lookOutcome(subject: FittedSubject, id: CheckId, byRule?: (option: string) => Judged): Outcome {
  const check = checkOf(id)
  const { reading, staleBecause } = subject.look(id)
  if (reading?.option === undefined) return openCheck(id, say('not-checked', { check: id }))
  if (staleBecause !== undefined)
    return openCheck(id, say('checked-before', { check: id, since: since(subject, staleBecause) }))
  const option = optionOf(id, reading.option)
  if (option === undefined || check.kind !== 'options') throw new Error(`Check ${id} has no option "${reading.option}"`)
  if (option.means === 'by-rule') {
    if (byRule === undefined) throw new Error(`Check ${id} leaves "${option.id}" to a rule that does not judge it`)
    const { kind, ...more } = byRule(option.id)
    return outcomeOf(kind, [`check.${id}`], { check: id, ...more })
  }
  if (option.means === 'pass' && check.notesBefore && reading.before === reading.option)
    return openCheck(id, say('was-so-before', { check: id, option: option.id }))
  const kind = option.means
  return outcomeOf(kind, [`check.${id}`], { check: id, says: say('seen', { check: id, option: option.id, kind }) })
}

/**
 * A figure that nobody has stated, where a look at the car settles the matter:
 * until then it is open, and says so, without holding up the choice of a place.
 * The look itself is asked by a rule of its own, and that one blocks. Says the
 * rule's own message `until-seen` (`untilSeenSentence`).
 */
export function untilSeen({ look }: ModeSubject, need: Need, check: CheckId): Outcome {
  const { reading, staleBecause } = look?.(check) ?? {}
  const isSeen =
    reading !== undefined &&
    staleBecause === undefined &&
    (reading.number !== undefined || reading.option !== undefined)
  const says: Said = { message: 'until-seen', data: { check, isSeen } }
  return isSeen
    ? { kind: 'pass', source: 'practice', severity: 'advise', says }
    : { kind: 'undecided', severity: 'advise', settledBy: check, missing: [need], says }
}
