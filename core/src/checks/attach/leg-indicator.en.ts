import { checkText } from '../text.ts'
import type check from './leg-indicator.ts'

export default checkText<typeof check>({
  label: 'Leg indicator',
  how: 'Look at the foot’s indicator; where there are two, both.',
  options: { good: 'shows good', bad: 'shows bad', unsure: 'cannot tell' },
  before: { good: 'good', bad: 'bad' },
  remedy: 'Lengthen or shorten the leg one notch and look again.',
})
