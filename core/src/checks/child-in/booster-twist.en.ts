import { checkText } from '../text.ts'
import type check from './booster-twist.ts'

export default checkText<typeof check>({
  label: 'Belt twist',
  how: 'Look along lap and diagonal section for a turn.',
  options: { none: 'no twist', twisted: 'twisted', unsure: 'cannot tell' },
  remedy: 'Unbuckle, turn the belt flat, buckle again.',
})
