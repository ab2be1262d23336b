import { checkText } from '../text.ts'
import type check from './crotch-guide.ts'

export default checkText<typeof check>({
  label: 'Guide between the legs',
  how: 'The lap section runs through the guide between the legs.',
  options: { through: 'through it', beside: 'beside it', unsure: 'cannot tell' },
  remedy: 'Lead the lap section through the guide between the legs.',
})
