import { checkText } from '../text.ts'
import type check from './chin.ts'

export default checkText<typeof check>({
  label: 'Head lies back',
  how: 'The head stays back and the chin off the chest, asleep too.',
  options: { back: 'lies back, chin free', forward: 'falls forward, chin down', unsure: 'cannot tell' },
  remedy: 'Recline it further where maker and manual allow, straighten the hips, and look again.',
})
