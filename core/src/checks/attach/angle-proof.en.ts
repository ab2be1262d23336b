import { checkText } from '../text.ts'
import type check from './angle-proof.ts'

export default checkText<typeof check>({
  label: 'Maker’s own proof of the angle',
  how: 'Look at the maker’s line or indicator with the car on level ground; a fixed base stands fully on the seat.',
  options: { good: 'shows good', off: 'shows off', unsure: 'cannot tell' },
  remedy: 'Change the recline, or the wedge where the maker allows it, until it shows good.',
})
