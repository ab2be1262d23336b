import { checkText } from '../text.ts'
import type check from './forward-guard.ts'

export default checkText<typeof check>({
  label: 'Guard against turning forward',
  how: 'Look at the guard that blocks the forward direction.',
  options: { set: 'set: forward is blocked', released: 'released', unsure: 'cannot tell' },
  remedy: 'Set the guard as the manual shows until the child may travel forward.',
})
