import { checkText } from '../text.ts'
import type check from './strap-twist.ts'

export default checkText<typeof check>({
  label: 'Harness twist',
  how: 'Run a finger down each strap from shell to buckle.',
  options: { none: 'no twist', twisted: 'twisted', unsure: 'cannot tell' },
  remedy: 'Fold the strap to a triangle and slide the tongue back over it until it lies flat.',
})
