import { checkText } from '../text.ts'
import type check from './tether-indicator-mm.ts'

export default checkText<typeof check>({
  label: 'Good shown on the tether',
  how: 'How much of “good” the tension indicator shows; a finger is about 15 mm.',
  answers: { slack: 'slack, none shows', 'under-finger': 'less than a finger', finger: 'a finger or more' },
})
