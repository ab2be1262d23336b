import { checkText } from '../text.ts'
import type check from './slack-pinch.ts'

export default checkText<typeof check>({
  label: 'Harness slack, pinched',
  how: 'Try to pinch a fold in the strap, lengthwise at the collar bone.',
  options: { none: 'nothing to pinch', fold: 'a fold can be pinched', unsure: 'cannot tell' },
  remedy: 'Pull the slack up from the hips, then tighten at the adjuster.',
})
