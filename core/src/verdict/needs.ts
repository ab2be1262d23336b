import { CHECKS, type CheckId, checkLabel } from '../checks/index.ts'
import type { Route } from '../restraint/index.ts'
import { notedAs, type Need } from '../rules/index.ts'
import { askOfCheck, askOfStep, NEED_TEXT, type NeedText, type OtherNeed } from './needs.en.ts'

/** A need in words, and the stage where it is answered; a step is named by the route that has it. */
export function describeNeed(need: Need, route?: Route): NeedText {
  if (need.startsWith('check.')) {
    const id = need.slice('check.'.length) as CheckId
    const { kind, stage } = CHECKS[id]
    const label = checkLabel(id)
    return { label, ask: askOfCheck(label, kind === 'number'), stage }
  }
  if (need.startsWith('step.')) {
    const id = need.slice('step.'.length)
    const step = route?.steps?.find((x) => notedAs(x) === id)
    const ask = askOfStep(step?.text ?? need)
    return { label: ask, ask, stage: step?.onlyBefore === 'child-in' ? 'child-in' : 'attach' }
  }
  return NEED_TEXT[need as OtherNeed]
}
