import { checkText } from '../text.ts'
import type check from './strap-pressure.ts'

export default checkText<typeof check>({
  label: 'Straps and head support',
  how: 'The straps must not dig in, nor the head support wedge the child.',
  options: { comfortable: 'lie easily', 'digs-in': 'dig in or wedge', unsure: 'cannot tell' },
  remedy: 'Let the adjuster out a little, or raise the head support one step.',
})
