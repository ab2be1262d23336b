import { checkText } from '../text.ts'
import type check from './seat-fully-back.ts'

export default checkText<typeof check>({
  label: 'Front place set back',
  how: 'Slide this seat as far back as handbook and belt allow, and set height and backrest as the handbook asks for a child in front.',
  options: { back: 'fully back, as the handbook says', forward: 'further forward', unsure: 'cannot tell' },
  remedy: 'Slide the seat back and set it as the handbook says, or use a rear place.',
})
