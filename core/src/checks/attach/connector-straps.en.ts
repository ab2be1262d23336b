import { checkText } from '../text.ts'
import type check from './connector-straps.ts'

export default checkText<typeof check>({
  label: 'Connector straps',
  how: 'Pull each connector strap tight and check that it lies flat.',
  options: { tight: 'tight and flat', slack: 'slack or twisted', unsure: 'cannot tell' },
  remedy: 'Kneel in the seat, pull each strap tight and lay it flat.',
})
