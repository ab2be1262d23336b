import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Push home',
  says: {
    'thumb-arms': () => 'Thumb each arm in; do not push the shell, or the arms run back.',
    push: ({ what }: { what: string }) => `Push or ratchet the ${what} against the backrest.`,
    'any-length': ({ isTurning }: { isTurning: boolean }) =>
      `The arms may stand at any length.${isTurning ? ' See that it turns before the child is in.' : ''}`,
    'rebound-bar': () => 'Rebound bar back while the bars are found; then ratchet it to its last loud click.',
    'plain-rebound-bar': () => 'Rebound bar back while the bars are found; then bring it against the backrest.',
  },
})
