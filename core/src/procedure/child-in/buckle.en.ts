import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Buckle and tighten',
  says: {
    tongues: () => 'Both tongues in until they click.',
    'slack-up': () => 'Slack up from the hips, then pull the adjuster.',
  },
})
