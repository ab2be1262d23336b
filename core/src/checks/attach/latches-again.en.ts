import { checkText } from '../text.ts'
import type check from './latches-again.ts'

export default checkText<typeof check>({
  label: 'Both indicators again',
  how: 'After leg and tether, look at both connectors again: setting those can lift or pull one open.',
  options: { 'still-latched': 'both still latched', open: 'one shows open', unsure: 'cannot be seen or felt' },
  remedy: 'Push it home until both click, then set leg and tether again.',
})
