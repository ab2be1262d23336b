import { checkText } from '../text.ts'
import type check from './crown-below-edge-mm.ts'

export default checkText<typeof check>({
  label: 'Crown below the shell edge',
  how: 'From the crown up to the edge of the shell; above the edge counts negative.',
})
