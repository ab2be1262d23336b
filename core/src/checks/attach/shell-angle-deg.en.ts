import { checkText } from '../text.ts'
import type check from './shell-angle-deg.ts'

export default checkText<typeof check>({
  label: 'Shell angle, measured',
  how: 'Inclinometer on the back surface, from vertical.',
})
