import { checkText } from '../text.ts'
import type check from './belt-buckle.ts'

export default checkText<typeof check>({
  label: 'Vehicle buckle',
  how: 'Tongue in until it clicks, then a pull at it.',
  options: { held: 'clicked and held', open: 'not latched', unsure: 'cannot tell' },
  remedy: 'Clear the buckle’s mouth and press the tongue in until it clicks.',
})
