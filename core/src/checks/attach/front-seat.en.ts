import { checkText } from '../text.ts'
import type check from './front-seat.ts'

export default checkText<typeof check>({
  label: 'Front seat and shell',
  how: 'Set the front seat where the tallest driver has it and look between.',
  options: { clear: 'a clear gap', touching: 'touching', pressing: 'pressing hard', unsure: 'cannot tell' },
  remedy: 'Set the front seat as the maker asks, or use another place.',
})
