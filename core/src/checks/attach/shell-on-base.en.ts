import { checkText } from '../text.ts'
import type check from './shell-on-base.ts'

export default checkText<typeof check>({
  label: 'Shell on its base',
  how: 'Lift the shell straight up by its handle.',
  options: { held: 'latched, held', lifts: 'lifts off', unsure: 'cannot tell' },
  remedy: 'Set the shell down again until both latches click.',
})
