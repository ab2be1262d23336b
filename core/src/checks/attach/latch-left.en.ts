import { checkText } from '../text.ts'
import type check from './latch-left.ts'

export default checkText<typeof check>({
  label: 'Left indicator',
  how: 'Look at the left connector’s own indicator; feel or listen where it is out of sight.',
  options: { latched: 'shows latched', open: 'shows open', unsure: 'cannot be seen or felt' },
  before: { latched: 'latched', open: 'open' },
  remedy: 'Release the left connector, clear the bar, and push until it clicks.',
})
