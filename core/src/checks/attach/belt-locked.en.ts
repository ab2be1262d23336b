import { checkText } from '../text.ts'
import type check from './belt-locked.ts'

export default checkText<typeof check>({
  label: 'Belt locked',
  how: 'Pull at the belt behind the lock: it must not run.',
  options: { locked: 'does not run', runs: 'still runs', unsure: 'cannot tell' },
  remedy: 'Put your weight on the seat, pull the slack from the lap section up through the tongue, then lock.',
})
