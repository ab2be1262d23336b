import { checkText } from '../text.ts'
import type check from './tug-right.ts'

export default checkText<typeof check>({
  label: 'Right tug',
  how: 'Pull the right arm back hard, on its own.',
  options: { held: 'held', gave: 'came off', unsure: 'not reached' },
  remedy: 'The right connector is not on its bar, whatever the indicator says. Release it and latch it again.',
})
