import { checkText } from '../text.ts'
import type check from './room-beside.ts'

export default checkText<typeof check>({
  label: 'Room beside it',
  how: 'With what is beside it in place: look between them from hip to head, reach for every buckle between them, and check that each has its own bars, tether anchorage and buckle.',
  options: {
    clear: 'clear, and a hand reaches the buckle',
    touches: 'they touch',
    'no-hand': 'no hand reaches the buckle',
    'one-part': 'both need one bar, tether anchorage or buckle',
    unsure: 'cannot tell',
  },
  remedy: 'Move one over as far as its belt allows, take off a cup holder or pod, or seat them differently.',
})
