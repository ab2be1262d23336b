import { checkText } from '../text.ts'
import type check from './airbag-lamp.ts'

export default checkText<typeof check>({
  label: 'Airbag lamp',
  how: 'Ignition on; switch the passenger airbag as required, and look for its lamp.',
  options: { 'off-seen': 'seen off', on: 'airbag on', unsure: 'cannot tell' },
  remedy: 'Switch the airbag as required and see its lamp, or use another place.',
})
