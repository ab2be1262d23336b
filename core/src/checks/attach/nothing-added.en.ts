import { checkText } from '../text.ts'
import type check from './nothing-added.ts'

export default checkText<typeof check>({
  label: 'Things the maker did not supply',
  how: 'Look under the base, behind the back and at the harness: no mat, pad, strap clip or cushion of another make.',
  options: { none: 'none', added: 'something is there', unsure: 'cannot tell' },
  remedy: 'Take it out: the restraint was tested without it.',
})
