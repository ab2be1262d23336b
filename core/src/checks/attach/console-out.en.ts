import { checkText } from '../text.ts'
import type check from './console-out.ts'

export default checkText<typeof check>({
  label: 'Removable console',
  how: 'The console in front of this place is out and stowed.',
  options: { out: 'out and stowed', in: 'still in', unsure: 'cannot tell' },
  remedy: 'Take the console out before the restraint goes in.',
})
