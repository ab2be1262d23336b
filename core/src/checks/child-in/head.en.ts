import { checkText } from '../text.ts'
import type check from './head.ts'

export default checkText<typeof check>({
  label: 'Head',
  how: 'Look from the side at eye height, with the line that the maker’s rule names.',
  options: { inside: 'within the maker’s line', above: 'above it', unsure: 'cannot tell' },
  remedy: 'Raise the head support; if it is at its top, the restraint is outgrown.',
})
