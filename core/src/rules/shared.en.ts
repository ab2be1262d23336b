import { checkHow, checkLabel, checkRemedy, optionLabel, type CheckId } from '../checks/index.ts'
import type { Decision } from '../quantities/index.ts'
import { changeSentence, type Change, type Settings } from '../readings/index.ts'
import type { Mode } from '../restraint/index.ts'
import { comparedOf, type Comparison } from './predictions.en.ts'
import type { Need } from './rule.ts'
import { ruleText, sentence, type Said } from './say.ts'
import { partAsked } from './stated.en.ts'

/** What happened after a look: the change, and what stands now. */
interface Since {
  readonly change: Change
  readonly settings: Settings
  readonly mode: Mode
}

/** Sentences that belong to no rule by itself. */
export default ruleText({
  title: '',
  standsOn: '',
  says: {
    'not-checked': sentence<{ check: CheckId }>({
      reason: ({ check }) => `${checkLabel(check)}: not checked yet.`,
      remedy: ({ check }) => checkHow(check),
    }),
    'not-measured': sentence<{ check: CheckId }>({
      reason: ({ check }) => `${checkLabel(check)}: not measured yet.`,
      remedy: ({ check }) => checkHow(check),
    }),
    'checked-before': sentence<{ check: CheckId; since: Since }>({
      reason: ({ check, since: { change, settings, mode } }) =>
        `${checkLabel(check)}: ${changeSentence(change, settings, mode)} after it was checked.`,
      remedy: ({ check }) => `Check again. ${checkHow(check)}`,
    }),
    'measured-before': sentence<{ check: CheckId; since: Since }>({
      reason: ({ check, since: { change, settings, mode } }) =>
        `${checkLabel(check)}: ${changeSentence(change, settings, mode)} after it was measured.`,
      remedy: ({ check }) => `Measure again. ${checkHow(check)}`,
    }),
    'was-so-before': sentence<{ check: CheckId; option: string }>({
      reason: ({ check, option }) =>
        `${checkLabel(check)} ${optionLabel(check, option)}, but it showed the same before latching, so it proves nothing.`,
      remedy: () => 'Release it, see it change, latch again, and look.',
    }),
    seen: sentence<{ check: CheckId; option: string; kind: Decision }>({
      reason: ({ check, option }) => `${checkLabel(check)}: ${optionLabel(check, option)}.`,
      remedy: ({ check, kind }) => (kind === 'undecided' ? checkHow(check) : checkRemedy(check)),
    }),
    'angle-proof': sentence<{ what: string; said: Said }>({
      reason: ({ what, said }, read) => `${what}. ${read.reason(said)}`,
      remedy: ({ said }, read) => read.remedy(said),
    }),
    /** What to do about a check of which a rule says why, and nothing more. */
    'put-right': sentence<{ check: CheckId }>({ reason: () => '', remedy: ({ check }) => checkRemedy(check) }),
    'left-off': sentence({
      reason: () => 'Left off; the maker advises it, since it reduces how far head and shell move.',
    }),
    'all-stated': sentence({ reason: () => 'The entry states each part, or that there is none.' }),
    'not-stated': sentence<{ parts: readonly Need[] }>({
      reason: ({ parts }) => {
        // All are asked one by one where they are answered; here two speak for them.
        const more = parts.length > 3 ? [`and ${parts.length - 2} more`] : []
        const named = parts.slice(0, more.length > 0 ? 2 : 3).map(partAsked)
        return `Not read yet: ${[...named, ...more].join('; ')}.`
      },
      remedy: () => 'Look at the label, the manual or the restraint, and answer it with the entry.',
    }),
    'as-worked-out': sentence<{ comparisons: readonly Comparison[] }>({
      reason: ({ comparisons }) => comparisons.map((c) => comparedOf(c).both).join(' '),
    }),
    differs: sentence<Comparison>({
      reason: (c) =>
        `${comparedOf(c).both} They differ by more than their combined uncertainty${c.isBinding ? ': one of them is wrong' : ', and one rests on an estimate'}.`,
      remedy: (c) =>
        c.isBinding
          ? `Check both again, and correct the one that is wrong: ${comparedOf(c).lookAt}.`
          : `Measure the child instead of estimating: ${comparedOf(c).lookAt}.`,
    }),
    all: sentence<{ said: readonly Said[] }>({
      reason: ({ said }, read) => said.map((one) => read.reason(one)).join(' '),
    }),
  },
})
