import { checkText } from '../text.ts'
import type check from './coat-hides-mm.ts'

export default checkText<typeof check>({
  label: 'Slack hidden by the coat',
  how: 'Tighten with the coat on, take it off without touching the adjuster, buckle again, and measure the slack.',
})
