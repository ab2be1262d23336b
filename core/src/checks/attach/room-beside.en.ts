import { checkText } from '../text.ts'
import type check from './room-beside.ts'

export default checkText<typeof check>({
  label: 'Room beside it',
  how: 'With what rides beside it in its place: look between them from hip to head, reach for every buckle that stands between, and see that each has bars, tether anchorage and buckle of its own.',
  options: {
    clear: 'clear, and a hand reaches the buckle',
    touches: 'they touch',
    'no-hand': 'no hand reaches the buckle',
    'one-part': 'both need one bar, tether anchorage or buckle',
    unsure: 'cannot tell',
  },
  remedy: 'Move one over as far as its belt allows, take a cup holder or pod off, or arrange them otherwise.',
})
