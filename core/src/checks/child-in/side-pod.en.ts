import { checkText } from '../text.ts'
import type check from './side-pod.ts'

export default checkText<typeof check>({
  label: 'Side pod',
  how: 'The pod on the side of the nearer door is out; the other is folded away.',
  options: { 'door-side': 'out on the door side', other: 'folded, or on the other side', unsure: 'cannot tell' },
  remedy: 'Fold out the pod on the side of the nearer door, and fold the other away.',
})
