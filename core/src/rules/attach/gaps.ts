import type { CheckId } from '../../checks/index.ts'
import type { Route } from '../../restraint/index.ts'
import { lookOutcome } from '../looks.ts'
import { allOf } from '../several.ts'
import { defineRule, type FittedSubject, type Outcome } from '../rule.ts'
import { isIntegral, isIsofixHeld } from '../../restraint/index.ts'
import { sayer } from '../say.ts'
import type en from './gaps.en.ts'

const say = sayer<typeof en>()

const GAPS = [
  { check: 'gap-behind', accepted: 'behindBase' },
  { check: 'gap-under', accepted: 'underBase' },
] as const satisfies readonly { check: CheckId; accepted: keyof NonNullable<Route['gapAccepted']> }[]

function judgeGap(s: FittedSubject, { check, accepted }: (typeof GAPS)[number]): Outcome {
  const makerAccepts = s.route.gapAccepted?.[accepted] === true
  const bySchool = makerAccepts && s.practice.baseGap === 'none'
  const outcome = lookOutcome(s, check, () => ({
    kind: makerAccepts ? 'pass' : 'fail',
    says: say('judged', { makerAccepts, where: accepted, bySchool }),
  }))
  return { ...outcome, source: makerAccepts ? 'maker' : 'practice' }
}

export default defineRule({
  id: 'gaps',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  checks: ['gap-behind', 'gap-under'],
  applies: ({ mode, route }) => isIntegral(mode) && isIsofixHeld(route),
  evaluate: (s) => allOf(GAPS.map((gap) => judgeGap(s, gap))),
})
