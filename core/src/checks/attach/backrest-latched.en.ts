import { checkText } from '../text.ts'
import type check from './backrest-latched.ts'

export default checkText<typeof check>({
  label: 'Vehicle backrest latched',
  how: 'Pull the backrest forward; the red mark at its latch is hidden. One that does not fold is good.',
  options: { latched: 'holds, or does not fold', open: 'gives, or red shows', unsure: 'cannot tell' },
  remedy: 'Push the backrest into its latch until the mark is hidden, clear of belts.',
})
