import { checkText } from '../text.ts'
import type check from './strap-exit.ts'

export default checkText<typeof check>({
  label: 'Straps leave the shell',
  how: 'Look from the side, child’s hips right back: where the strap leaves the shell against the top of the shoulder.',
  options: {
    'just-below': 'just below the shoulder',
    level: 'level with it',
    'just-above': 'just above it',
    'far-off': 'further away',
    unsure: 'cannot tell',
  },
  remedy: 'Set the slot or head support as the set-up stage says, then look again.',
})
