import { checkText } from '../text.ts'
import type check from './steadiness-mm.ts'

export default checkText<typeof check>({
  label: 'Movement at the base',
  how: 'Firm hand at the belt path or base, side to side and fore and aft. Not at the top of a rearward shell.',
})
