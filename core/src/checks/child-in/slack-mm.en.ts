import { checkText } from '../text.ts'
import type check from './slack-mm.ts'

export default checkText<typeof check>({
  label: 'Harness slack',
  how: 'How far the strap lifts off the collar bone under a light pull; one finger is about 15 mm.',
  answers: { 'one-finger': 'one finger at most', 'two-fingers': 'two fingers', more: 'more than two' },
})
