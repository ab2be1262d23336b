import { checkText } from '../text.ts'
import type check from './harness-buckle.ts'

export default checkText<typeof check>({
  label: 'Harness buckle',
  how: 'Both tongues in, a click, then pull at each.',
  options: { held: 'clicked and held', open: 'a tongue is loose', unsure: 'cannot tell' },
  remedy: 'Put both tongues together, push until it clicks, and pull at each.',
})
