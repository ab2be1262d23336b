import { checkText } from '../text.ts'
import type check from './lower-tethers-used.ts'

export default checkText<typeof check>({
  label: 'Lower tethers',
  how: 'The maker advises them: hook both where there are points.',
  options: { hooked: 'hooked', 'left-off': 'left off', unsure: 'cannot tell' },
  remedy: 'Hook and tighten: it reduces how far head and shell move.',
})
