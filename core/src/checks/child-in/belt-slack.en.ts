import { checkText } from '../text.ts'
import type check from './belt-slack.ts'

export default checkText<typeof check>({
  label: 'Belt slack',
  how: 'Draw the diagonal towards the retractor; then lift lap and diagonal with a light hand.',
  options: { none: 'none to pull out', slack: 'some can be pulled out', unsure: 'cannot tell' },
  remedy: 'Lap down on the thighs, then draw the diagonal towards the retractor until it is snug.',
})
