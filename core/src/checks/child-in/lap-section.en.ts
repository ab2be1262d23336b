import { checkText } from '../text.ts'
import type check from './lap-section.ts'

export default checkText<typeof check>({
  label: 'Lap section',
  how: 'Low on the hips, on the thighs, under both arm rests.',
  options: {
    low: 'low, under both arm rests',
    belly: 'on the belly',
    'over-rest': 'over an arm rest',
    unsure: 'cannot tell',
  },
  remedy: 'Hips back, lap belt under both arm rests and down on the thighs, then pull the slack out.',
})
