import { checkText } from '../text.ts'
import type check from './belt-runs.ts'

export default checkText<typeof check>({
  label: 'Belt free to run',
  how: 'Pull the diagonal slowly: it gives, and winds back. One that ratchets is locked.',
  options: { free: 'gives and winds back', ratchets: 'ratchets, will not give', unsure: 'cannot tell' },
  remedy: 'Let the belt wind fully back, and pull it out again only as far as needed.',
})
