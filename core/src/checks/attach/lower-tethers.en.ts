import { checkText } from '../text.ts'
import type check from './lower-tethers.ts'

export default checkText<typeof check>({
  label: 'Lower tethers',
  how: 'Tighten in turn and wiggle the shell until the ratchets stop clicking.',
  options: { tight: 'both tight, no more clicks', loose: 'one loose or still clicking', unsure: 'cannot tell' },
  remedy: 'Wiggle the shell and tighten each side in turn until neither clicks.',
})
