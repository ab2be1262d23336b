import { checkText } from '../text.ts'
import type check from './tug-left.ts'

export default checkText<typeof check>({
  label: 'Left tug',
  how: 'Pull the left arm back hard, on its own.',
  options: { held: 'held', gave: 'came off', unsure: 'not reached' },
  remedy: 'The left connector is not on its bar, whatever the indicator says. Release it and latch it again.',
})
