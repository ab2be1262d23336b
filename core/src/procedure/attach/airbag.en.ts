import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Airbag',
  says: {
    'as-both-say': () => 'Set the passenger airbag as handbook and manual say, and look for its lamp.',
    off: () => 'Switch the passenger airbag off and look for its lamp.',
    'on-again': () => 'It goes on again when an adult sits here.',
  },
})
