import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Buckle and tighten',
  says: {
    tongues: () => 'Join both halves of the tongue; in until one click.',
    shield: () => 'Close the shield against the child until it clicks; nothing between the two.',
    'slack-up': () => 'Slack out from the hips, then the shoulders; then pull the adjuster.',
  },
})
