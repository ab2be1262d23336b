import { checkText } from '../text.ts'
import type check from './rebound-bar.ts'

export default checkText<typeof check>({
  label: 'Rebound bar',
  how: 'The bar bears on the backrest; one with a ratchet stands at its last loud click.',
  options: {
    'last-click': 'against it; a ratchet at its last loud click',
    short: 'not against the backrest',
    unsure: 'cannot tell',
  },
  remedy: 'Bring it against the backrest; a ratchet until its last loud click.',
})
