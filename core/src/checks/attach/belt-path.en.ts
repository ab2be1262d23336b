import { checkText } from '../text.ts'
import type check from './belt-path.ts'

export default checkText<typeof check>({
  label: 'Belt path',
  how: 'Follow the belt with a finger through every guide of this direction.',
  options: {
    'as-listed': 'every guide, as listed',
    'guide-missed': 'a guide is missed',
    'other-direction': 'in the other direction’s path',
    unsure: 'cannot tell',
  },
  remedy: 'Unthread the belt and follow the listed guides for this direction.',
})
