import { checkText } from '../text.ts'
import type check from './floor-box.ts'

export default checkText<typeof check>({
  label: 'Floor box under the leg',
  how: 'Open the box: it is filled or propped as the handbook says, so that its lid bears.',
  options: { propped: 'filled or propped', hollow: 'hollow', unsure: 'cannot tell' },
  remedy: 'Fill or prop the box as the handbook shows, or use another place or a route without a leg.',
})
