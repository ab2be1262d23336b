import { checkText } from '../text.ts'
import type check from './old-padding.ts'

export default checkText<typeof check>({
  label: 'Padding of a smaller child',
  how: 'Feel under the cover: this mode has no padding of its own, so that of a smaller child is out.',
  options: { none: 'none is in', 'still-in': 'some is still in', unsure: 'cannot tell' },
  remedy: 'Take it out, set the straps again, and keep it with the restraint.',
})
