import { checkText } from '../text.ts'
import type check from './gap-behind.ts'

export default checkText<typeof check>({
  label: 'Gap behind the base',
  how: 'Look, and feel with a flat hand, between the base and the backrest.',
  options: { none: 'no gap', gap: 'a gap', unsure: 'cannot tell' },
  remedy: 'Push the base home, remove a head restraint that holds it away, or use another place.',
})
