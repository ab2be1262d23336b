import { checkText } from '../text.ts'
import type check from './coat.ts'

export default checkText<typeof check>({
  label: 'Under the harness',
  how: 'What the child wears under the straps.',
  options: { indoor: 'indoor clothes', coat: 'a coat or thick suit', unsure: 'cannot tell' },
  remedy: 'Coat off; buckle and tighten again, and lay the coat over the straps.',
})
