import { CHECKS, type CheckId, checkLabel } from '../checks/index.ts'
import type { Route } from '../restraint/index.ts'
import type { Need } from '../rules/index.ts'
import { NEED_TEXT, type OtherNeed } from './needs.en.ts'
import type { Stage } from './words.ts'

/** A need in words, and the stage where it is answered; a step is named by the route that has it. */
export function describeNeed(need: Need, route?: Route): { readonly label: string; readonly stage: Stage } {
  if (need.startsWith('check.')) {
    const id = need.slice('check.'.length) as CheckId
    return { label: checkLabel(id), stage: CHECKS[id].stage }
  }
  if (need.startsWith('step.')) {
    const step = route?.steps?.find((x) => x.id === need.slice('step.'.length))
    return {
      label: `Do and note: ${(step?.text ?? need).replace(/\.$/, '')}`,
      stage: step?.onlyBefore === 'child-in' ? 'child-in' : 'attach',
    }
  }
  return NEED_TEXT[need as OtherNeed]
}
