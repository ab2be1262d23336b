import { checkText } from '../text.ts'
import type check from './guide-gate.ts'

export default checkText<typeof check>({
  label: 'Diagonal in its guide',
  how: 'The diagonal lies in the shoulder guide, its gate shut where it has one, any reference line in sight.',
  options: { in: 'in it, gate shut', open: 'beside it, or gate open', unsure: 'cannot tell' },
  remedy: 'Press the belt into the guide until its gate shuts.',
})
