import { checkText } from '../text.ts'
import type check from './guide-above-shoulder-mm.ts'

export default checkText<typeof check>({
  label: 'Belt guide above the shoulder',
  how: 'From the top of the shoulder up to the diagonal guide.',
})
