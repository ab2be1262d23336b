import { stepPairs, type MakerStep } from '../../restraint/index.ts'
import { defineRule, type FittedSubject, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './pair-closed.en.ts'

const say = sayer<typeof en>()

interface OpenSecond {
  readonly step: MakerStep
  readonly isUndone: boolean
}

/** Seconds of pairs that are not done, or were undone by doing the first again. */
function openSeconds(s: FittedSubject): readonly OpenSecond[] {
  return stepPairs(s.route.steps ?? []).flatMap(({ first, second }): OpenSecond[] => {
    const begun = s.doneAt(first.id)
    const ended = s.doneAt(second.id)
    if (ended === undefined) return [{ step: second, isUndone: false }]
    return begun !== undefined && begun > ended ? [{ step: second, isUndone: true }] : []
  })
}

export default defineRule({
  id: 'pair-closed',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  applies: ({ route }) => stepPairs(route.steps ?? []).length > 0,
  evaluate: (s) => {
    const open = openSeconds(s)
    const undone = open.find((o) => o.isUndone)
    const worst = undone ?? open[0]
    if (!worst) return { kind: 'pass', says: say('pass') }
    return outcomeOf(
      undone ? 'fail' : 'undecided',
      open.map((o) => `step.${o.step.id}` as const),
      { says: say('open', { isUndone: undone !== undefined, text: worst.step.text }) },
    )
  },
})
