import { checkText } from '../text.ts'
import type check from './tether-used.ts'

export default checkText<typeof check>({
  label: 'Top tether',
  how: 'The maker advises it: hook it where there is an anchorage.',
  options: { hooked: 'hooked', 'left-off': 'left off', unsure: 'cannot tell' },
  remedy: 'Hook and tighten: it reduces how far head and shell move.',
})
