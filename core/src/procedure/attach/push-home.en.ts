import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Push home',
  says: {
    'thumb-arms': () => 'Thumb each arm in; do not push the shell, or the arms run back.',
    push: () => 'Push or ratchet the base against the backrest.',
    'rebound-bar': () => 'Rebound bar back while the bars are found; then ratchet it to its last loud click.',
  },
})
