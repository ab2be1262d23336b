import { checkText } from '../text.ts'
import type check from './retractor.ts'

export default checkText<typeof check>({
  label: 'Retractor, tested',
  how: 'Pull the belt slowly right out and let it back a little. It clicks and will not give: switchable. A sharp tug locks it: emergency-locking. It does not wind: static.',
  options: {
    'emergency-locking': 'emergency-locking',
    switchable: 'switchable',
    static: 'static',
    unsure: 'cannot tell',
  },
  remedy: 'Use another lock, route or place.',
})
