import type { MakerStep } from '../../restraint/index.ts'
import { notedAs, pairsIn } from '../maker-steps.ts'
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
  return pairsIn(s).flatMap(({ first, second }): OpenSecond[] => {
    const begun = s.doneAt(notedAs(first))
    const ended = s.doneAt(notedAs(second))
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
  applies: (s) => pairsIn(s).length > 0,
  evaluate: (s) => {
    const open = openSeconds(s)
    const undone = open.find((o) => o.isUndone)
    const worst = undone ?? open[0]
    if (!worst) return { kind: 'pass', says: say('pass') }
    return outcomeOf(
      undone ? 'fail' : 'undecided',
      open.map((o) => `step.${notedAs(o.step)}` as const),
      { says: say('open', { isUndone: undone !== undefined, text: worst.step.text }) },
    )
  },
})
