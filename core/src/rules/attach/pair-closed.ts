import { stepPairs, type MakerStep } from '../../restraint/index.ts'
import { defineRule, type FittedSubject } from '../rule.ts'

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
  title: 'Nothing left half done',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  standsOn: 'What was taken out, opened or moved to make room is put back: the second half of a pair is noted as done.',
  applies: ({ route }) => stepPairs(route.steps ?? []).length > 0,
  evaluate: (s) => {
    const open = openSeconds(s)
    const undone = open.find((o) => o.isUndone)
    const worst = undone ?? open[0]
    if (!worst) return { kind: 'pass', reason: () => 'Each step that had to be undone again is noted as done.' }
    return {
      kind: undone ? 'fail' : 'undecided',
      missing: undone ? undefined : open.map((o) => `step.${o.step.id}` as const),
      reason: () => (undone ? `Undone again since: ${worst.step.text}` : `Not noted as done: ${worst.step.text}`),
      remedy: () => `Do it, and note it: ${worst.step.text}`,
    }
  },
})
