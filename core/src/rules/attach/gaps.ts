import type { CheckId } from '../../readings/index.ts'
import type { Route } from '../../restraint/index.ts'
import { allOf, lookOutcome } from '../outcomes.ts'
import { defineRule, type FittedSubject, type Outcome } from '../rule.ts'
import { isIntegral, isIsofixHeld } from '../../restraint/index.ts'

const GAPS = [
  { check: 'gap-behind', accepted: 'behindBase', where: 'behind the base' },
  { check: 'gap-under', accepted: 'underBase', where: 'under the base' },
] as const satisfies readonly { check: CheckId; accepted: keyof NonNullable<Route['gapAccepted']>; where: string }[]

function judgeGap(s: FittedSubject, { check, accepted, where }: (typeof GAPS)[number]): Outcome {
  const makerAccepts = s.route.gapAccepted?.[accepted] === true
  const bySchool = makerAccepts && s.practice.baseGap === 'none'
  const outcome = lookOutcome(s, check, () => ({
    kind: makerAccepts ? 'pass' : 'fail',
    reason: makerAccepts
      ? `There is a gap ${where}; the maker accepts it on this route${bySchool ? ', though your school would have none' : ''}.`
      : `There is a gap ${where}, and the maker does not say that it may stay.`,
    remedy: 'Push the base home; take off a head restraint that holds it away; or use another place.',
  }))
  return { ...outcome, source: makerAccepts ? 'maker' : 'practice' }
}

export default defineRule({
  id: 'gaps',
  title: 'Gap behind or under the base',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  standsOn:
    'Behind and under the base are two questions: none by practice; what the maker accepts on this route is accepted, and the maker is named.',
  checks: ['gap-behind', 'gap-under'],
  applies: ({ mode, route }) => isIntegral(mode) && isIsofixHeld(route),
  evaluate: (s) => allOf(GAPS.map((gap) => judgeGap(s, gap))),
})
