import { checkText } from '../text.ts'
import type check from './pushed-home.ts'

export default checkText<typeof check>({
  label: 'Pushed home',
  how: 'Push or ratchet the base against the backrest until it goes no further.',
  options: { yes: 'against the backrest', no: 'a gap remains', unsure: 'cannot tell' },
  remedy: 'Push it home; where arms run back in, thumb each arm instead of pushing the shell.',
})
