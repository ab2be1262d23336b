import { checkText } from '../text.ts'
import type check from './leg-contact.ts'

export default checkText<typeof check>({
  label: 'Leg on the floor',
  how: 'Press on the foot: it stands flat on the bare floor, mat out, base not lifted.',
  options: {
    flat: 'flat on the floor',
    gap: 'gap or tilted',
    'on-mat': 'flat, on the mat',
    packed: 'on packing',
    unsure: 'cannot tell',
  },
  remedy: 'Take the mat out, pack nothing under the foot, and set the notch so that it stands.',
})
