import { checkText } from '../text.ts'
import type check from './gap-under.ts'

export default checkText<typeof check>({
  label: 'Gap under the base',
  how: 'Look, and feel with a flat hand, between the base and the cushion.',
  options: { none: 'no gap', gap: 'a gap', unsure: 'cannot tell' },
  remedy: 'Push the base home, remove a head restraint that holds it away, or use another place.',
})
