import { checkText } from '../text.ts'
import type check from './latch-right.ts'

export default checkText<typeof check>({
  label: 'Right indicator',
  how: 'Look at the right connector’s own indicator; feel or listen where it is out of sight.',
  options: { latched: 'shows latched', open: 'shows open', unsure: 'cannot be seen or felt' },
  before: { latched: 'latched', open: 'open' },
  remedy: 'Release the right connector, clear the bar, and push until it clicks.',
})
