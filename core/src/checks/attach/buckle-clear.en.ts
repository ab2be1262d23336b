import { checkText } from '../text.ts'
import type check from './buckle-clear.ts'

export default checkText<typeof check>({
  label: 'Buckle and stalk',
  how: 'Look at the buckle side: neither buckle nor stalk presses on the frame or bends round its edge.',
  options: { clear: 'clear of the frame', bearing: 'presses on the frame', unsure: 'cannot tell' },
  remedy: 'Thread it so that the buckle lies free; if it cannot, use another route, place or restraint.',
})
