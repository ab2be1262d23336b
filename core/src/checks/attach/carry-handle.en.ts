import { checkText } from '../text.ts'
import type check from './carry-handle.ts'

export default checkText<typeof check>({
  label: 'Carrying handle',
  how: 'Compare the handle with the travel position in the maker’s manual.',
  options: { travel: 'in travel position', other: 'in another position', unsure: 'cannot tell' },
  remedy: 'Move the handle to the position the maker gives for travel.',
})
