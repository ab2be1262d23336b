import { checkText } from '../text.ts'
import type check from './buckle-above-edge-mm.ts'

export default checkText<typeof check>({
  label: 'Buckle top above the belt-path edge',
  how: 'Measure from the edge of the belt path up to the top of the vehicle buckle; below the edge counts negative.',
})
