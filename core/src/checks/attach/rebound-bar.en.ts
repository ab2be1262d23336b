import { checkText } from '../text.ts'
import type check from './rebound-bar.ts'

export default checkText<typeof check>({
  label: 'Rebound bar',
  how: 'Ratchet the bar towards the backrest until its last loud click.',
  options: { 'last-click': 'at its last loud click', short: 'not against the backrest', unsure: 'cannot tell' },
  remedy: 'Ratchet it on until the last loud click.',
})
