import { checkText } from '../text.ts'
import type check from './steadiness-felt.ts'

export default checkText<typeof check>({
  label: 'Movement, felt',
  how: 'Firm hand at the belt path or base, side to side and fore and aft. Not at the top of a rearward shell.',
  options: { none: 'none to be felt', felt: 'some is felt', unsure: 'cannot tell' },
  remedy: 'Put weight on it, tighten the belt or push the base home, and test again.',
})
