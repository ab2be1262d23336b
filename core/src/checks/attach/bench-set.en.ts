import { checkText } from '../text.ts'
import type check from './bench-set.ts'

export default checkText<typeof check>({
  label: 'Seat set as the handbook asks',
  how: 'Slide the seat or bench to the setting that the handbook asks for, and see it latched.',
  options: { set: 'set, latched', other: 'in another place', unsure: 'cannot tell' },
  remedy: 'Slide it to the handbook’s setting, or use another place.',
})
