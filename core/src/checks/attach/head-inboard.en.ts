import { checkText } from '../text.ts'
import type check from './head-inboard.ts'

export default checkText<typeof check>({
  label: 'Child’s head end',
  how: 'Lying across the car, the head is away from the door.',
  options: { inboard: 'away from the door', 'at-door': 'at the door', unsure: 'cannot tell' },
  remedy: 'Turn the carry-cot so that the head lies away from the door.',
})
