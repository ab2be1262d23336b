import { checkText } from '../text.ts'
import type check from './clear-all-round.ts'

export default checkText<typeof check>({
  label: 'Clear on every side',
  how: 'Look round it with the door shut: nothing in the car and nothing beside it presses on shell, base or frame.',
  options: {
    clear: 'clear on every side',
    'head-restraint': 'the car’s head restraint pushes or clamps it',
    'recline-lever': 'the seat’s recline lever',
    door: 'the door',
    console: 'the console',
    beside: 'what is fitted or sits beside it',
    unsure: 'cannot tell',
  },
  remedy:
    'Free it: head restraint off or up as manual and handbook allow, never put back to clamp it; otherwise use another recline, place or restraint.',
})
